/* The desk: every screen asks how things stand when it hears that something happened, and goes on counting by itself in
   between, and while it is out of touch. What is pressed is kept until the server has it. */
'use strict';

document.addEventListener('DOMContentLoaded', () => {
  const main = document.querySelector('main.air');
  if (!main) {
    return;
  }
  const screen = main.dataset.screen;
  const QUEUE = `hopsel-air ${main.dataset.press}`;
  const LAST = `hopsel-air-last ${main.dataset.press}`;
  const spot = (name) => main.querySelector(`[data-${name}]`);
  let state = JSON.parse(localStorage.getItem(LAST) || 'null');
  let behind = 0;
  let heard = Date.now();
  let sending = false;
  const rung = new Set();

  const queue = () => JSON.parse(localStorage.getItem(QUEUE) || '[]');
  const keep = (presses) => localStorage.setItem(QUEUE, JSON.stringify(presses));
  const now = () => (state && state.onAir ? Math.floor((Date.now() + behind - state.onAir) / 1000) : 0);
  const clock = (seconds) => {
    const whole = Math.abs(seconds);
    return `${seconds < 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
  };

  function take(fresh) {
    behind = fresh.now - Date.now();
    heard = Date.now();
    if (!state || fresh.seq >= state.seq) {
      state = fresh;
      localStorage.setItem(LAST, JSON.stringify(state));
    }
    draw();
  }

  async function ask() {
    try {
      const answer = await fetch(main.dataset.state, { headers: { Accept: 'application/json' } });
      if (answer.ok && !answer.redirected) {
        take(await answer.json());
      }
    } catch (problem) {
      draw();
    }
  }

  async function send() {
    if (sending) {
      return;
    }
    sending = true;
    try {
      for (let waiting = queue(); waiting.length > 0; waiting = queue()) {
        const press = waiting[0];
        const body = new URLSearchParams({ ...press, ago: Date.now() - press.at, _csrf: main.querySelector('input[name=_csrf]').value });
        body.delete('at');
        const answer = await fetch(main.dataset.press, { method: 'POST', body, headers: { Accept: 'application/json' } });
        if (answer.status >= 500) {
          throw new Error(String(answer.status));
        }
        keep(queue().filter((other) => other.client !== press.client));
        if (answer.ok && !answer.redirected) {
          take(await answer.json());
        }
      }
    } catch (problem) {
      window.setTimeout(send, 1500);
    } finally {
      sending = false;
    }
  }

  /* Shown at once, before the server has answered. */
  function assume(press) {
    const item = state.items.find((own) => own.key === press.activity);
    if (press.kind === 'ON_AIR') {
      state.onAir = Date.now() + behind;
    } else if (item && press.kind === 'START') {
      item.end = now() + (item.end - item.start);
      item.start = now();
      item.status = 'RUNNING';
    } else if (item && press.kind === 'DONE') {
      item.status = 'DONE';
    } else if (item && press.kind === 'EXTEND') {
      item.end += press.seconds;
    } else if (press.kind === 'SHOWN') {
      state.items.forEach((own) => own.in.forEach((use) => { use.shown = use.shown || use.key === press.text; }));
    }
  }

  function press(kind, activity, seconds, text) {
    const one = { kind, activity: activity || '', seconds: seconds || 0, text: text || '', at: Date.now(), client: window.crypto.randomUUID ? window.crypto.randomUUID() : `${Date.now()}-${Math.random()}` };
    keep([...queue(), one]);
    assume(one);
    draw();
    send();
  }

  const isMine = (item) => {
    const person = state.people.find((one) => one.id === item.person);
    return screen === 'assistant' ? (person ? !person.host : !item.shown) : (person ? person.host : item.shown);
  };
  const inHand = () => state.items.find((item) => item.status === 'RUNNING' && item.hands && isMine(item)) || null;
  const ahead = () => state.items.filter((item) => item.status === 'AHEAD' && isMine(item)).sort((one, two) => one.start - two.start);

  function big() {
    if (!state || state.over) {
      return;
    }
    if (!state.onAir) {
      press('ON_AIR');
      return;
    }
    const hand = inHand();
    const next = ahead()[0];
    if (hand) {
      press('DONE', hand.key);
    }
    if (next) {
      press('START', next.key);
    } else if (!hand && screen === 'host' && !state.items.some((item) => item.status === 'RUNNING')) {
      press('OVER');
    }
  }

  const element = (tag, text, name) => {
    const made = document.createElement(tag);
    if (text !== undefined) {
      made.textContent = text;
    }
    if (name) {
      made.className = name;
    }
    return made;
  };

  /* Only what changed is drawn anew, so that focus and reading are not disturbed. */
  function put(target, nodes) {
    const box = document.createElement('div');
    nodes.forEach((node) => box.append(node));
    if (target.dataset.drawn !== box.innerHTML) {
      target.dataset.drawn = box.innerHTML;
      target.replaceChildren(...nodes);
    }
  }

  function uses(item, tick) {
    const list = element('ul', undefined, 'air-uses');
    item.in.forEach((use) => {
      const line = element('li');
      if (tick) {
        const button = element('button', `${use.shown ? '✓ ' : '○ '}${use.what}`, use.shown ? 'shown' : '');
        button.type = 'button';
        button.setAttribute('aria-pressed', String(use.shown));
        button.dataset.use = use.key;
        line.append(button);
      } else {
        line.textContent = use.what;
      }
      list.append(line);
    });
    return list;
  }

  function drawNow() {
    const place = spot('now');
    const hand = screen === 'audience' ? state.items.find((item) => item.status === 'RUNNING' && item.shown && item.main) : inHand();
    if (!hand) {
      put(place, [element('p', state.onAir ? place.dataset.none : place.dataset.ready, 'air-title')]);
      return;
    }
    const nodes = [element('p', hand.dish, 'air-dish'), element('p', hand.title, 'air-title')];
    const left = hand.end - now();
    nodes.push(element('p', clock(left), left < 0 ? 'air-left over' : 'air-left'));
    if (hand.loud) {
      nodes.push(element('p', place.dataset.loud, 'air-loud'));
    }
    if (hand.say && screen === 'host') {
      nodes.push(element('p', `${place.dataset.say} ${hand.say}`, 'air-say'));
    }
    if (hand.text && screen !== 'audience') {
      nodes.push(element('p', hand.text, 'air-text'));
    }
    nodes.push(uses(hand, screen === 'host'));
    if (hand.cue) {
      nodes.push(element('p', hand.cue, 'air-cue'));
    }
    if (screen !== 'audience') {
      hand.care.forEach((said) => nodes.push(element('p', said, 'air-care')));
    }
    put(place, nodes);
  }

  function drawNext() {
    const list = ahead().slice(0, screen === 'assistant' ? 6 : 3).map((item) => {
      const line = element('li');
      line.append(element('strong', clock(item.start)), element('span', ` ${item.title}`), element('span', ` ${item.dish}`, 'of'));
      if (screen === 'assistant' && item.in.length > 0) {
        line.append(uses(item, false));
      }
      return line;
    });
    put(spot('next'), list);
  }

  function drawTimers() {
    const place = spot('timers');
    const running = state.items.filter((item) => item.status === 'RUNNING' && !item.hands).sort((one, two) => one.end - two.end);
    const list = running.map((item) => {
      const left = item.end - now();
      const line = element('li', undefined, left <= 0 ? 'rings' : '');
      line.append(element('strong', left <= 0 ? place.dataset.rings : clock(left)), element('span', `${item.title}${item.places.length ? `: ${item.places.join(', ')}` : ''}`, 'what'), element('span', item.cue, 'of'));
      const buttons = element('span', undefined, 'timer-buttons');
      if (screen !== 'audience') {
        [['more', place.dataset.more], ['done', place.dataset.done]].forEach(([what, word]) => {
          const button = element('button', word, 'small');
          button.type = 'button';
          button.dataset[what] = item.key;
          button.setAttribute('aria-label', `${word}: ${item.title}`);
          buttons.append(button);
        });
        line.append(buttons);
      }
      if (left <= 0 && !rung.has(`${item.key} ${item.end}`)) {
        rung.add(`${item.key} ${item.end}`);
        bell();
      }
      return line;
    });
    put(place, list.length ? list : [element('li', place.dataset.none, 'of')]);
  }

  let sound = null;
  function bell() {
    if (screen === 'audience' || !sound) {
      return;
    }
    const tone = sound.createOscillator();
    const loudness = sound.createGain();
    tone.frequency.value = 880;
    loudness.gain.setValueAtTime(0.2, sound.currentTime);
    loudness.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + 0.9);
    tone.connect(loudness).connect(sound.destination);
    tone.start();
    tone.stop(sound.currentTime + 1);
  }

  function drawHelp() {
    const place = spot('help');
    if (!place) {
      return;
    }
    const words = { SKIP: place.dataset.skip, SWAP_IN: place.dataset.swap, HAND_OVER: place.dataset.hand };
    put(place, state.help.map((help) => {
      const line = element('li');
      const button = element('button', `${words[help.kind].replace('#', help.title)} ${place.dataset.gain.replace('#', clock(help.gain))}`, 'press quiet');
      button.type = 'button';
      Object.assign(button.dataset, { take: help.kind, key: help.key, text: help.text });
      line.append(button);
      return line;
    }));
    const hand = inHand();
    const failed = state.items.filter((item) => item.status === 'FAILED');
    put(spot('rescues'), [...failed, ...(hand ? [hand] : [])].flatMap((item) => item.rescues.map((said) => element('li', `${item.title}: ${said}`))));
    put(spot('ladder'), (hand ? hand.ladder : []).map((rungOf) => {
      const line = element('li');
      line.append(element('strong', `${rungOf.trouble}: `), element('span', rungOf.remedy));
      return line;
    }));
    put(spot('questions'), state.questions.map((question) => {
      const line = element('li');
      const button = element('button', spot('questions').dataset.answered, 'plain');
      button.type = 'button';
      button.dataset.answer = question.number;
      line.append(element('strong', clock(question.at)), element('span', ` ${question.text} `), button);
      return line;
    }));
    const missing = spot('not-shown');
    missing.textContent = state.notShown.length ? missing.dataset.text.replace('#', state.notShown.join(', ')) : '';
  }

  /* Nothing at all for "done": once it is switched on, the host's screen goes on by itself when the time of a step is over. */
  let byItself = false;
  function goOn() {
    const hand = state && state.onAir && !state.over ? inHand() : null;
    if (byItself && hand && hand.end <= now()) {
      big();
    }
  }

  function draw() {
    goOn();
    const away = main.querySelector('.air-away');
    const unsent = queue()[0];
    const silent = Math.floor(Math.max(Date.now() - heard, unsent ? Date.now() - unsent.at : 0) / 1000);
    away.hidden = Date.now() - heard < 8000 && (!unsent || Date.now() - unsent.at < 2500);
    if (!away.hidden) {
      away.textContent = away.dataset.text.replace('#', clock(silent));
    }
    if (!state) {
      return;
    }
    const left = state.slot - now();
    spot('left').textContent = clock(state.onAir ? left : state.slot);
    const word = spot('left-word');
    word.textContent = !state.onAir ? word.dataset.before : left < 0 ? word.dataset.over : word.dataset.left;
    const late = spot('late');
    const minutes = Math.round(state.late / 60);
    late.className = `late ${state.end > state.slot ? 'danger' : ''}`;
    late.textContent = `${minutes > 0 ? late.dataset.lateText.replace('#', minutes) : minutes < 0 ? late.dataset.early.replace('#', -minutes) : late.dataset.on} ${late.dataset.ends.replace('#', clock(state.end))}`;
    const button = spot('big');
    if (button) {
      const hand = inHand();
      const next = ahead()[0];
      button.textContent = !state.onAir ? button.dataset.begin : hand ? button.dataset.done : next ? `${button.dataset.start} ${next.title}` : button.dataset.end;
      button.disabled = state.over;
    }
    drawNow();
    drawNext();
    drawTimers();
    drawHelp();
  }

  main.addEventListener('click', (event) => {
    const button = event.target.closest('button');
    if (!button || !state) {
      return;
    }
    sound = sound || (window.AudioContext ? new AudioContext() : null);
    if (button.dataset.big) {
      big();
    } else if (button.dataset.byItself) {
      byItself = !byItself;
      button.setAttribute('aria-pressed', String(byItself));
    } else if (button.dataset.undo && state.undo) {
      press('UNDO', '', 0, String(state.undo));
    } else if (button.dataset.more) {
      press('EXTEND', button.dataset.more, 120);
    } else if (button.dataset.done && button.dataset.done !== button.textContent) {
      press('DONE', button.dataset.done);
    } else if (button.dataset.use) {
      press('SHOWN', '', 0, button.dataset.use);
    } else if (button.dataset.take) {
      press(button.dataset.take, button.dataset.key, 0, button.dataset.text);
    } else if (button.dataset.answer) {
      press('ANSWERED', '', 0, button.dataset.answer);
    } else if (button.dataset.failed && inHand()) {
      press('FAILED', inHand().key);
    }
  });
  main.addEventListener('submit', (event) => {
    event.preventDefault();
    const field = event.target.elements.text;
    if (field && field.value.trim()) {
      press(event.target.dataset.question ? 'QUESTION' : 'NOTE', inHand() ? inHand().key : '', 0, field.value.trim());
      field.value = '';
    }
  });
  document.addEventListener('keydown', (event) => {
    const typing = event.target.matches('input, textarea, select, summary, a');
    if (screen === 'audience' || typing || event.repeat) {
      return;
    }
    const onButton = event.target.matches('button');
    if (event.key === 'PageDown' || (event.key === ' ' || event.key === 'Enter') && !onButton) {
      event.preventDefault();
      big();
    } else if (event.key === 'z' || event.key === 'PageUp') {
      spot('undo').click();
    }
  });

  function listen() {
    const stream = new EventSource(main.dataset.stream);
    stream.addEventListener('seq', (event) => {
      heard = Date.now();
      if (!state || Number(event.data) !== state.seq) {
        ask();
      }
    });
    stream.onerror = () => {
      // The browser tries again by itself; a closed stream is opened anew.
      if (stream.readyState === EventSource.CLOSED) {
        window.setTimeout(listen, 2000);
      }
    };
  }

  ask();
  listen();
  send();
  window.setInterval(draw, 500);
  // The rest of the plan moves with the clock, too.
  window.setInterval(ask, 5000);
  window.addEventListener('online', () => { send(); ask(); });
  document.addEventListener('visibilitychange', () => { if (document.visibilityState === 'visible') { send(); ask(); } });
});
