/* A run of a class as this screen knows it. It asks how things stand when it hears that something happened, goes on counting
   by itself in between and while it is out of touch, and keeps what is pressed until the server has it. */

const AWAY = 8000;
const UNSENT = 2500;
const AGAIN = 1500;
const TRIES = 100;
const LOOK_AGAIN = 100;

/** Whether it is something that is said, and not a step of a dish. */
export const isTalk = (item) => item.key.startsWith('~/');

export class Run {
  constructor(main, changed) {
    this.addresses = main.dataset;
    this.token = main.querySelector('input[name=_csrf]').value;
    this.changed = changed;
    // What can happen, and with which members: the same description that the server reads events by.
    this.kinds = JSON.parse(main.querySelector('[data-events]').textContent);
    // One queue for all screens of a run: who goes to another one takes along what is not sent yet.
    this.queueKey = `hopsel-air-2 ${this.addresses.press.replace(/&screen=\w+/, '')}`;
    this.lastKey = `hopsel-air-last-3 ${this.addresses.press}`;
    this.scriptKey = `hopsel-air-script ${this.addresses.press}`;
    // What is said of the steps whatever happens: fetched once, and again only where the class has changed.
    this.script = JSON.parse(localStorage.getItem(this.scriptKey) || 'null');
    this.state = JSON.parse(localStorage.getItem(this.lastKey) || 'null');
    this.got = Date.now();
    this.heard = Date.now();
    this.sending = false;
    // Until somebody has asked once, nobody knows whether it is in touch.
    this.tried = false;
    // Numbers of events as the server wrote them down, by what they were pressed as.
    this.numbers = new Map();
    if (this.state) {
      // What was kept before a reload went on counting meanwhile.
      this.heard = this.state.kept || this.heard;
      this.state.now += Math.max(0, Date.now() - (this.state.kept || Date.now())) * this.state.speed;
      this.queue.forEach((press) => this.assume(press));
    }
  }

  get queue() {
    return JSON.parse(localStorage.getItem(this.queueKey) || '[]');
  }

  set queue(presses) {
    localStorage.setItem(this.queueKey, JSON.stringify(presses));
  }

  /** Seconds since it went on air, by the clock of the run. */
  now() {
    const { state } = this;
    return state && state.onAir ? Math.floor((state.now + (Date.now() - this.got) * state.speed - state.onAir) / 1000) : 0;
  }

  /** Seconds for which nothing was heard, or something could not be sent; 0: it is in touch. */
  away() {
    const unsent = this.queue[0];
    const waiting = unsent ? Date.now() - unsent.at : 0;
    const silent = Date.now() - this.heard;
    if (!navigator.onLine) {
      return Math.max(1, Math.floor(silent / 1000));
    }
    return !this.tried || silent < AWAY && waiting < UNSENT ? 0 : Math.floor(Math.max(silent, waiting) / 1000);
  }

  /* Together with what is said of the steps, which a screen may not have yet. */
  async hear(fresh) {
    if (!this.script || this.script.id !== fresh.script) {
      const answer = await fetch(this.addresses.script, { headers: { Accept: 'application/json' } });
      if (!answer.ok || answer.redirected) {
        return;
      }
      this.script = await answer.json();
      localStorage.setItem(this.scriptKey, JSON.stringify(this.script));
    }
    const scenes = new Map(this.script.scenes.map((scene) => [scene.key, scene]));
    const whole = (item) => {
      const scene = scenes.get(item.key);
      return { ...scene, ...item, in: scene.in.map((one, n) => ({ ...one, ...item.uses[n] })) };
    };
    this.take({ ...fresh, items: fresh.items.filter((item) => scenes.has(item.key)).map(whole) });
  }

  take(fresh) {
    this.heard = Date.now();
    if (!this.state || fresh.seq >= this.state.seq) {
      this.state = fresh;
      this.got = Date.now();
      localStorage.setItem(this.lastKey, JSON.stringify({ ...fresh, kept: this.got }));
      // What is still waiting to be sent was pressed after that.
      this.queue.forEach((press) => this.assume(press));
    }
    this.changed();
  }

  async ask() {
    try {
      const answer = await fetch(this.addresses.state, { headers: { Accept: 'application/json' } });
      if (answer.ok && !answer.redirected) {
        await this.hear(await answer.json());
      }
    } catch (problem) {
      // It stays as it was heard of last.
    }
    this.tried = true;
    this.changed();
  }

  async send() {
    if (this.sending) {
      return;
    }
    this.sending = true;
    try {
      for (let waiting = this.queue; waiting.length > 0; waiting = this.queue) {
        const press = waiting[0];
        const body = new URLSearchParams({ event: JSON.stringify(press.event), client: press.client, ago: Date.now() - press.at, _csrf: this.token });
        const answer = await fetch(this.addresses.press, { method: 'POST', body, headers: { Accept: 'application/json' } });
        // Whoever has to sign in again first has not lost what they pressed: it goes out after that.
        if (answer.status >= 500 || answer.status === 403 || answer.redirected) {
          throw new Error(String(answer.status));
        }
        this.queue = this.queue.filter((other) => other.client !== press.client);
        if (answer.ok) {
          const state = await answer.json();
          this.numbers.set(press.client, state.undo);
          await this.hear(state);
        }
      }
    } catch (problem) {
      window.setTimeout(() => this.send(), AGAIN);
    } finally {
      this.sending = false;
    }
  }

  /* Shown at once, before the server has answered. */
  assume({ event, at }) {
    const { state } = this;
    const then = this.now() - Math.floor(((Date.now() - at) * state.speed) / 1000);
    const item = state.items.find((own) => own.key === event.activity);
    const assumed = {
      'on-air': () => !state.onAir && this.begin(at),
      start: () => item && this.start(item, then),
      done: () => item && Object.assign(item, { status: 'DONE' }),
      failed: () => item && Object.assign(item, { status: 'FAILED' }),
      extend: () => item && Object.assign(item, { end: item.end + event.seconds, due: item.due + event.seconds }),
      looked: () => item && Object.assign(item, { looked: item.looked + 1 }),
      shown: () => this.show(event.what),
      'handed-in': () => { state.handIns = state.handIns.filter((hand) => hand.id !== event.what); },
    }[event.kind];
    if (assumed) {
      assumed();
    }
  }

  begin(at) {
    const { state } = this;
    state.onAir = state.now + (at - this.got) * state.speed;
    state.items.filter((own) => own.planned < 0 && own.status === 'AHEAD').forEach((own) => { own.status = own.end <= 0 ? 'DONE' : 'RUNNING'; });
    // Whoever goes on air is saying hello.
    state.items.filter((own) => isTalk(own) && own.planned === 0).forEach((own) => { own.status = 'RUNNING'; });
  }

  /* Whoever begins something with their hands has finished talking. */
  start(item, then) {
    this.state.items.filter((own) => isTalk(own) && own.status === 'RUNNING' && own.person === item.person).forEach((own) => { own.status = 'DONE'; });
    Object.assign(item, { end: then + (item.end - item.start), due: then + (item.due - item.start), start: then, status: 'RUNNING' });
  }

  show(what) {
    this.state.items.forEach((own) => {
      own.cueShown = own.cueShown || what === `${own.key.split('|')[0]}#cue`;
      own.in.forEach((use) => { use.shown = use.shown || use.key === what; });
    });
  }

  /* Whether an event has the members of its kind, and no others. */
  isKnown(event) {
    const kind = this.kinds[event.kind];
    const members = Object.keys(event).filter((member) => member !== 'kind');
    return Boolean(kind) && kind.must.every((member) => members.includes(member)) && members.every((member) => kind.must.includes(member) || kind.may.includes(member));
  }

  press(event) {
    if (!this.isKnown(event)) {
      throw new Error(`Nothing like that happens: ${JSON.stringify(event)}`);
    }
    const client = window.crypto.randomUUID ? window.crypto.randomUUID() : `${Date.now()}-${Math.random()}`;
    const one = { event, at: Date.now(), client };
    this.queue = [...this.queue, one];
    this.assume(one);
    this.changed();
    this.send();
    return client;
  }

  /** Waits until the server has written down what was pressed, or cannot be reached. */
  async written(clients) {
    for (let tries = 0; tries < TRIES && clients.some((client) => !this.numbers.has(client)); tries += 1) {
      await new Promise((go) => { window.setTimeout(go, LOOK_AGAIN); });
    }
  }

  async pace(speed) {
    const answer = await fetch(this.addresses.pace, { method: 'POST', body: new URLSearchParams({ speed, _csrf: this.token }), headers: { Accept: 'application/json' } });
    if (answer.ok) {
      await this.hear(await answer.json());
    }
  }

  listen() {
    const stream = new EventSource(this.addresses.stream);
    stream.addEventListener('stamp', (event) => {
      this.heard = Date.now();
      if (!this.state || event.data !== `${this.state.seq} ${this.state.speed}`) {
        this.ask();
      }
    });
    stream.addEventListener('state', (event) => {
      this.hear(JSON.parse(event.data)).catch(() => this.ask());
    });
    stream.onerror = () => {
      // The browser tries again by itself; a closed stream is opened anew.
      if (stream.readyState === EventSource.CLOSED) {
        window.setTimeout(() => this.listen(), AGAIN);
      }
    };
  }
}
