/* A run of a class as this screen knows it. It asks how things stand when it hears that something happened, goes on counting
   by itself in between and while it is out of touch, and keeps what is pressed until the server has it. */

const AWAY = 8000;
const UNSENT = 2500;
const AGAIN = 1500;

export class Run {
  constructor(main, changed) {
    this.addresses = main.dataset;
    this.token = main.querySelector('input[name=_csrf]').value;
    this.changed = changed;
    this.queueKey = `hopsel-air ${this.addresses.press}`;
    this.lastKey = `hopsel-air-last ${this.addresses.press}`;
    this.state = JSON.parse(localStorage.getItem(this.lastKey) || 'null');
    this.got = Date.now();
    this.heard = Date.now();
    this.sending = false;
    if (this.state) {
      // What was kept before a reload went on counting meanwhile.
      this.state.now += Math.max(0, Date.now() - (this.state.kept || Date.now())) * this.state.speed;
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
    return silent < AWAY && waiting < UNSENT ? 0 : Math.floor(Math.max(silent, waiting) / 1000);
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
        this.take(await answer.json());
      }
    } catch (problem) {
      this.changed();
    }
  }

  async send() {
    if (this.sending) {
      return;
    }
    this.sending = true;
    try {
      for (let waiting = this.queue; waiting.length > 0; waiting = this.queue) {
        const press = waiting[0];
        const body = new URLSearchParams({ ...press, ago: Date.now() - press.at, _csrf: this.token });
        body.delete('at');
        const answer = await fetch(this.addresses.press, { method: 'POST', body, headers: { Accept: 'application/json' } });
        // Whoever has to sign in again first has not lost what they pressed: it goes out after that.
        if (answer.status >= 500 || answer.status === 403 || answer.redirected) {
          throw new Error(String(answer.status));
        }
        this.queue = this.queue.filter((other) => other.client !== press.client);
        if (answer.ok) {
          this.take(await answer.json());
        }
      }
    } catch (problem) {
      window.setTimeout(() => this.send(), AGAIN);
    } finally {
      this.sending = false;
    }
  }

  /* Shown at once, before the server has answered. */
  assume(press) {
    const { state } = this;
    const item = state.items.find((own) => own.key === press.activity);
    if (press.kind === 'ON_AIR' && !state.onAir) {
      state.onAir = state.now + (Date.now() - this.got) * state.speed;
      state.items.filter((own) => own.planned < 0 && own.status === 'AHEAD').forEach((own) => { own.status = own.end <= 0 ? 'DONE' : 'RUNNING'; });
    } else if (item && press.kind === 'START') {
      item.end = this.now() + (item.end - item.start);
      item.start = this.now();
      item.status = 'RUNNING';
    } else if (item && (press.kind === 'DONE' || press.kind === 'FAILED')) {
      item.status = press.kind;
    } else if (item && press.kind === 'EXTEND') {
      item.end += Number(press.seconds);
    } else if (item && press.kind === 'LOOKED') {
      item.looked += 1;
    } else if (press.kind === 'SHOWN') {
      state.items.forEach((own) => {
        own.cueShown = own.cueShown || press.text === `${own.key.split('|')[0]}#cue`;
        own.in.forEach((use) => { use.shown = use.shown || use.key === press.text; });
      });
    } else if (press.kind === 'HANDED_IN') {
      state.handIns = state.handIns.filter((hand) => hand.id !== press.text);
    }
  }

  press(kind, activity, seconds, text) {
    const client = window.crypto.randomUUID ? window.crypto.randomUUID() : `${Date.now()}-${Math.random()}`;
    const one = { kind, activity: activity || '', seconds: seconds || 0, text: text || '', at: Date.now(), client };
    this.queue = [...this.queue, one];
    this.assume(one);
    this.changed();
    this.send();
  }

  async pace(speed) {
    const answer = await fetch(this.addresses.pace, { method: 'POST', body: new URLSearchParams({ speed, _csrf: this.token }), headers: { Accept: 'application/json' } });
    if (answer.ok) {
      this.take(await answer.json());
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
    stream.onerror = () => {
      // The browser tries again by itself; a closed stream is opened anew.
      if (stream.readyState === EventSource.CLOSED) {
        window.setTimeout(() => this.listen(), AGAIN);
      }
    };
  }
}
