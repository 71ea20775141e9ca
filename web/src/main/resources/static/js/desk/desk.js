/* The desk: what is pressed on it, by touch, key or pedal, or by nobody at all. */

import { Bell } from './bells.js';
import { Drawing } from './draw.js';
import { Run } from './run.js';

/* Milliseconds in which a press still means the step that has just gone: somebody else was quicker. */
const MEANT_BEFORE = 900;
/* Milliseconds within which a second touch is a wet finger that slipped, and not the next step. */
const TWITCH = 300;
const MORE = 120;
/* Milliseconds between two times that this screen asks of its own accord. */
const SLOWEST = 5000;
const QUICKEST = 500;

const main = document.querySelector('main.air');
const screen = main.dataset.screen;
const bell = new Bell();
let drawing = null;
let byItself = false;
// Keys press "done" only where somebody said that they have a pedal: Space and Page down scroll everywhere else.
let pedal = false;
let pressedHere = 0;
const run = new Run(main, () => drawing && draw());
drawing = new Drawing(main, run);

function big(fromKey) {
  const { state } = run;
  if (!state || state.over || (state.onAir && state.comingIn > 0 && !drawing.inHand())) {
    return;
  }
  if (!state.onAir) {
    if (screen === 'host') {
      run.press('ON_AIR');
    }
    return;
  }
  if (fromKey && Date.now() - drawing.handSince < MEANT_BEFORE && Date.now() - pressedHere > MEANT_BEFORE) {
    return;
  }
  if (fromKey && Date.now() - pressedHere < TWITCH) {
    return;
  }
  pressedHere = Date.now();
  const hand = drawing.inHand();
  const next = drawing.ahead()[0];
  if (hand) {
    run.press('DONE', hand.key);
  }
  // Nothing begins whose input is not there.
  if (next && drawing.isThere(next)) {
    run.press('START', next.key);
  } else if (!next && !hand && screen === 'host') {
    run.press('OVER');
  }
}

/* Nothing at all for "done": once it is switched on, the host's screen goes on by itself when the time of a step is over. */
function goOn() {
  const hand = byItself && run.state && run.state.onAir && !run.state.over ? drawing.inHand() : null;
  if (hand && (hand.sight ? hand.sight !== 'NOT_YET' : hand.end <= run.now())) {
    big(false);
  }
}

function draw() {
  const rings = drawing.draw();
  if (run.state && screen !== 'audience') {
    bell.ring(run.state, rings);
  }
}

const hand = () => drawing.inHand() || {};
const actions = {
  big: () => big(true),
  byItself: (one) => {
    byItself = !byItself;
    one.setAttribute('aria-pressed', String(byItself));
  },
  pedal: (one) => {
    pedal = !pedal;
    one.setAttribute('aria-pressed', String(pedal));
  },
  sound: (one) => {
    const on = one.getAttribute('aria-pressed') !== 'true';
    one.setAttribute('aria-pressed', String(on));
    if (on) {
      bell.on();
    } else {
      bell.off();
    }
  },
  undo: () => run.state.undo && run.press('UNDO', '', 0, String(run.state.undo)),
  speed: (one) => run.pace(one.dataset.speed),
  more: (one) => run.press('EXTEND', one.dataset.more, MORE),
  looked: (one) => run.press('LOOKED', one.dataset.looked),
  done: (one) => run.press('DONE', one.dataset.done),
  probe: (one) => run.press('PROBE', one.dataset.probe),
  start: (one) => run.press('START', one.dataset.start),
  use: (one) => run.press('SHOWN', '', 0, one.dataset.use),
  cue: (one) => run.press('SHOWN', '', 0, `${one.dataset.cue}#cue`),
  taste: (one) => run.press('AMOUNT', hand().key, Number(one.dataset.taste) * Number(main.dataset.touch), one.dataset.line),
  handed: (one) => run.press('HANDED_IN', '', 0, one.dataset.handed),
  take: (one) => run.press(one.dataset.take, one.dataset.key, 0, one.dataset.text),
  all: () => run.state.advice.way.forEach((help) => run.press(help.kind, help.key, 0, help.text)),
  over: () => run.press('OVER'),
  answer: (one) => run.press('ANSWERED', '', 0, one.dataset.answer),
  failed: (one) => run.press('FAILED', one.dataset.key, 0, one.dataset.failed),
  trouble: (one) => run.press('TROUBLE', hand().key || '', 0, one.dataset.trouble),
  ranOut: (one) => run.press('TROUBLE', one.dataset.key, 0, `RAN_OUT:${one.dataset.ranOut}`),
};

main.addEventListener('click', (event) => {
  const one = event.target.closest('button');
  if (!one || !run.state) {
    return;
  }
  const what = Object.keys(actions).find((name) => one.dataset[name] !== undefined);
  if (what) {
    actions[what](one);
  }
});

main.addEventListener('submit', (event) => {
  event.preventDefault();
  const form = event.target;
  const field = form.elements.text;
  if (form.dataset.oven) {
    run.press('OVEN', '', Number(form.elements.celsius.value) || 0, form.elements.oven.value + (form.elements.slow.checked ? ' slow' : ''));
  } else if (form.dataset.door) {
    run.press('DOOR', '', 15, form.elements.oven.value);
  } else if (field && field.value.trim()) {
    run.press(form.dataset.question ? 'QUESTION' : 'NOTE', hand().key || '', 0, field.value.trim());
    field.value = '';
  }
});

document.addEventListener('keydown', (event) => {
  const typing = event.target.matches('input, textarea, select, summary, a');
  if (screen === 'audience' || typing || event.repeat) {
    return;
  }
  const onButton = event.target.matches('button');
  if (pedal && (event.key === 'PageDown' || ((event.key === ' ' || event.key === 'Enter') && !onButton))) {
    event.preventDefault();
    big(true);
  } else if (event.key === 'z' || (pedal && event.key === 'PageUp')) {
    event.preventDefault();
    actions.undo();
  }
});

run.ask();
run.listen();
run.send();
window.setInterval(() => {
  goOn();
  draw();
}, 250);
// The rest of the plan moves with the clock, too, and in a rehearsal that may go fast.
const keepAsking = () => window.setTimeout(() => {
  run.ask();
  keepAsking();
}, run.state ? Math.max(QUICKEST, SLOWEST / Math.max(1, run.state.speed)) : SLOWEST);
keepAsking();
window.addEventListener('online', () => { run.send(); run.ask(); });
document.addEventListener('visibilitychange', () => { if (document.visibilityState === 'visible') { run.send(); run.ask(); } });
