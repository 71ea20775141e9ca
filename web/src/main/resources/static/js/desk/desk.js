/* The desk: what is pressed on it, by touch, key or pedal, or by nobody at all. */

import { Bell } from './bells.js';
import { Drawing } from './draw.js';
import { isTalk, Run } from './run.js';
import { Settings } from './setting.js';

/* Milliseconds in which a press still means the step that has just gone: somebody else was quicker. */
const MEANT_BEFORE = 900;
/* Milliseconds within which a second touch is a wet finger that slipped, and not the next step. */
const TWITCH = 300;
const MORE = 120;
const DOOR = 15;
/* Milliseconds between two times that this screen asks of its own accord. */
const SLOWEST = 5000;
const QUICKEST = 500;
/* A step that is over after so small a share of its time, or in so few seconds, was perhaps pressed by mistake: for a while
   the same button takes it back. */
const HASTE = 0.2;
const LEAST = 8;
const TAKE_BACK = 6000;

const main = document.querySelector('main.air');
const screen = main.dataset.screen;
const bell = new Bell();
let drawing = null;
let pressedHere = 0;
const run = new Run(main, () => drawing && draw());
drawing = new Drawing(main, run);
const settings = new Settings(main, bell);
const AS = `hopsel-desk-as ${main.dataset.press}`;
drawing.as = main.dataset.several === 'yes' ? localStorage.getItem(AS) || '' : '';

function big(fromKey) {
  const { state } = run;
  if (!state || state.over || (state.onAir && state.comingIn > 0 && !drawing.inHand())) {
    return;
  }
  if (!state.onAir) {
    if (screen === 'host') {
      // The welcome that is in hand from now on is not something that comes between a finger and its button.
      pressedHere = Date.now();
      run.press({ kind: 'on-air' });
    }
    return;
  }
  const twitch = fromKey && Date.now() - pressedHere < TWITCH;
  // Who takes back what was just pressed means exactly that; nothing takes it back by itself.
  if (fromKey && drawing.slip && Date.now() < drawing.slip.until) {
    if (!twitch) {
      pressedHere = Date.now();
      takeBack();
    }
    return;
  }
  if (twitch || (fromKey && Date.now() - drawing.handSince < MEANT_BEFORE && Date.now() - pressedHere > MEANT_BEFORE)) {
    return;
  }
  pressedHere = Date.now();
  const hand = drawing.inHand();
  const next = drawing.ahead()[0];
  const pressed = [];
  if (hand) {
    pressed.push(run.press({ kind: 'done', activity: hand.key }));
    const lasted = run.now() - hand.start;
    if (lasted < Math.max(LEAST, (hand.due - hand.start) * HASTE) && state.speed <= 1 && fromKey && screen === 'host' && !isTalk(hand)) {
      drawing.slip = { title: hand.title, until: Date.now() + TAKE_BACK, pressed };
    }
  }
  // Nothing begins whose input is not there.
  const again = hand ? null : drawing.toRepeat();
  if (again) {
    run.press({ kind: 'start', activity: again.key });
  } else if (next && drawing.isThere(next)) {
    pressed.push(run.press({ kind: 'start', activity: next.key }));
  } else if (!next && !hand && screen === 'host') {
    run.press({ kind: 'over' });
  }
}

/* What was pressed last by the big button is undone, the last first. */
async function takeBack() {
  const { pressed } = drawing.slip;
  drawing.slip = null;
  await run.written(pressed);
  [...pressed].reverse().map((client) => run.numbers.get(client)).filter((number) => number).forEach((number) => run.press({ kind: 'undo', event: number }));
}

/* Nothing at all for "done": once it is switched on, the host's screen goes on by itself when the time of a step is over. */
function goOn() {
  const hand = settings.isOn('byItself') && run.state && run.state.onAir && !run.state.over ? drawing.inHand() : null;
  if (hand && (hand.sight ? hand.sight !== 'NOT_YET' : hand.due <= run.now())) {
    big(false);
  }
}

function draw() {
  const rings = drawing.draw();
  if (run.state && screen !== 'audience') {
    if (bell.ring(rings)) {
      settings.shake();
    }
  }
}

const hand = () => drawing.inHand() || {};
/* The step that something is about, where it is about one. */
const about = (key) => (key ? { activity: key } : {});
const actions = {
  big: () => big(true),
  set: (one) => settings.turn(one.dataset.set),
  fullScreen: () => (document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen()),
  as: (one) => {
    drawing.as = one.dataset.as;
    localStorage.setItem(AS, drawing.as);
    showWho();
    draw();
  },
  menu: (one) => {
    drawing.chosen = one.dataset.menu;
    draw();
    document.getElementById('panel-menu').showPopover();
  },
  allIn: (one) => run.state.missing.filter((own) => own.activity === one.dataset.allIn).forEach((own) => run.press({ kind: 'shown', what: own.key })),
  notAll: (one) => {
    drawing.unfolded = drawing.unfolded === one.dataset.notAll ? null : one.dataset.notAll;
    draw();
  },
  askNoMore: (one) => {
    drawing.asked.add(one.dataset.askNoMore);
    draw();
  },
  undo: () => run.state.undo && run.press({ kind: 'undo', event: run.state.undo }),
  speed: (one) => run.pace(one.dataset.speed),
  more: (one) => run.press({ kind: 'extend', activity: one.dataset.more, seconds: MORE }),
  cold: (one) => run.press({ kind: 'extend', activity: one.dataset.key, seconds: Number(one.dataset.cold) }),
  looked: (one) => run.press({ kind: 'looked', activity: one.dataset.looked }),
  done: (one) => run.press({ kind: 'done', activity: one.dataset.done }),
  probe: (one) => run.press({ kind: 'probe', activity: one.dataset.probe }),
  start: (one) => run.press({ kind: 'start', activity: one.dataset.start }),
  use: (one) => run.press({ kind: 'shown', what: one.dataset.use }),
  cue: (one) => run.press({ kind: 'shown', what: `${one.dataset.cue}#cue` }),
  taste: (one) => run.press({ kind: 'tasted', ...about(hand().key), line: one.dataset.line, thousandths: Number(one.dataset.taste) * Number(main.dataset.touch) }),
  handed: (one) => run.press({ kind: 'handed-in', what: one.dataset.handed }),
  take: (one) => run.press(JSON.parse(one.dataset.take)),
  all: () => run.state.advice.way.forEach((help) => run.press(help.event)),
  over: () => run.press({ kind: 'over' }),
  answer: (one) => run.press({ kind: 'answered', question: Number(one.dataset.answer) }),
  failed: (one) => run.press({ kind: 'failed', activity: one.dataset.key, trouble: one.dataset.failed }),
  trouble: (one) => run.press({ kind: 'went-wrong', ...about(hand().key), trouble: one.dataset.trouble }),
  ranOut: (one) => run.press({ kind: 'went-wrong', ...about(one.dataset.key), trouble: 'RAN_OUT', about: one.dataset.ranOut }),
};

main.addEventListener('click', (event) => {
  const one = event.target.closest('button');
  if (!one || !run.state) {
    return;
  }
  const what = Object.keys(actions).find((name) => one.dataset[name] !== undefined);
  const inMenu = one.closest('#panel-menu');
  if (what) {
    actions[what](one);
  }
  if (what && inMenu) {
    inMenu.hidePopover();
  }
});

main.addEventListener('submit', (event) => {
  event.preventDefault();
  const form = event.target;
  const field = form.elements.text;
  if (form.dataset.oven) {
    run.press({ kind: 'oven-set', oven: form.elements.oven.value, celsius: drawing.moments.celsius(Number(form.elements.celsius.value)), slow: form.elements.slow.checked });
  } else if (form.dataset.door) {
    run.press({ kind: 'door', oven: form.elements.oven.value, seconds: DOOR });
  } else if (field && field.value.trim()) {
    run.press({ kind: form.dataset.question ? 'question' : 'note', ...about(hand().key), text: field.value.trim() });
    field.value = '';
  }
});

document.addEventListener('keydown', (event) => {
  const typing = event.target.matches('input, textarea, select, summary, a');
  if (screen === 'audience' || typing || event.repeat) {
    return;
  }
  const onButton = event.target.matches('button');
  if (settings.isOn('pedal') && (event.key === 'PageDown' || ((event.key === ' ' || event.key === 'Enter') && !onButton))) {
    event.preventDefault();
    big(true);
  } else if (settings.isOn('pedal') && (event.key === 'z' || event.key === 'PageUp')) {
    event.preventDefault();
    actions.undo();
  }
});

/* Several hosts, and whose work this screen shows. */
function showWho() {
  main.querySelectorAll('[data-as]').forEach((one) => one.setAttribute('aria-pressed', String(one.dataset.as === drawing.as)));
}

showWho();
run.ask();
run.listen();
run.send();
window.setInterval(() => {
  goOn();
  draw();
}, 250);
window.addEventListener('resize', draw);
// The rest of the plan moves with the clock, too, and in a rehearsal that may go fast.
const keepAsking = () => window.setTimeout(() => {
  run.ask();
  keepAsking();
}, run.state ? Math.max(QUICKEST, SLOWEST / Math.max(1, run.state.speed)) : SLOWEST);
keepAsking();
window.addEventListener('online', () => { run.send(); run.ask(); });
document.addEventListener('visibilitychange', () => { if (document.visibilityState === 'visible') { run.send(); run.ask(); } });
