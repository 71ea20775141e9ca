/* Cooking along from a handout: one step after the other with what it needs, a screen that stays awake, ticks and timers that a
   reload does not lose. */
'use strict';

document.addEventListener('DOMContentLoaded', () => {
  const page = document.querySelector('main.cook');
  if (!page) {
    return;
  }
  const SHAKE = [300, 150, 300];
  const AGAIN = 8000;
  const KEPT = `hopsel-cook ${window.location.pathname}`;
  const told = page.querySelector('[data-cook-told]');
  const shelf = page.querySelector('.timers');
  const card = page.querySelector('.cook-step');
  const along = page.querySelector('[data-cook]');
  const steps = [...page.querySelectorAll('.method li')];
  const kept = { on: false, at: 0, done: [], timers: [], ...JSON.parse(localStorage.getItem(KEPT) || '{}') };
  let lock = null;
  let sound = null;

  const keep = () => localStorage.setItem(KEPT, JSON.stringify(kept));
  const clock = (seconds) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  const titleOf = (step) => step.querySelector('strong').textContent;

  function button(text, name, press) {
    const made = document.createElement('button');
    made.type = 'button';
    made.className = name;
    made.textContent = text;
    made.addEventListener('click', press);
    return made;
  }

  async function stayAwake(yes) {
    try {
      if (yes && navigator.wakeLock) {
        lock = await navigator.wakeLock.request('screen');
        return true;
      }
      if (lock) {
        await lock.release();
        lock = null;
      }
    } catch (problem) {
      lock = null;
    }
    return false;
  }

  /* Timers: what is kept is when each ends, so that neither a reload nor a locked screen stops one. */

  function ring() {
    if (navigator.vibrate) {
      navigator.vibrate(SHAKE);
    }
    if (!sound) {
      return;
    }
    [0, 0.3, 0.6].forEach((after) => {
      const tone = sound.createOscillator();
      const loudness = sound.createGain();
      const at = sound.currentTime + after;
      tone.frequency.value = 660;
      loudness.gain.setValueAtTime(0.25, at);
      loudness.gain.exponentialRampToValueAtTime(0.001, at + 0.25);
      tone.connect(loudness).connect(sound.destination);
      tone.start(at);
      tone.stop(at + 0.28);
    });
  }

  function stand(timer) {
    const box = document.createElement('div');
    box.className = 'timer';
    const name = document.createElement('strong');
    name.textContent = timer.title;
    const left = document.createElement('span');
    left.className = 'left';
    let rung = 0;
    const tick = () => {
      const rest = Math.max(0, Math.ceil((timer.ends - Date.now()) / 1000));
      const text = rest > 0 ? clock(rest) : shelf.dataset.done;
      if (left.textContent !== text) {
        left.textContent = text;
      }
      if (rest === 0 && Date.now() - rung > AGAIN) {
        box.classList.add('rings');
        box.setAttribute('role', 'alert');
        rung = Date.now();
        ring();
      }
    };
    const going = window.setInterval(tick, 500);
    box.append(name, left, button(shelf.dataset.stop, 'press quiet', () => {
      window.clearInterval(going);
      box.remove();
      kept.timers = kept.timers.filter((other) => other !== timer);
      keep();
    }));
    shelf.append(box);
    tick();
  }

  function start(title, seconds) {
    // Browsers make no sound before somebody has pressed something.
    sound = sound || (window.AudioContext ? new AudioContext() : null);
    const timer = { title, ends: Date.now() + seconds * 1000 };
    kept.timers.push(timer);
    keep();
    stand(timer);
  }

  const timerOf = (step) => button(shelf.dataset.start.replace('#', clock(Number(step.dataset.seconds))), 'small start-timer', () => start(titleOf(step), Number(step.dataset.seconds)));
  const isLong = (step) => Number(step.dataset.seconds) >= 60;

  /* One step after the other. */

  function needs(step) {
    const rows = (step.dataset.uses || '').split(' ').filter((use) => use).map((use) => page.querySelector(`tr[data-line="${CSS.escape(`${step.dataset.dish}/${use}`)}"]`));
    return rows.filter((row) => row).map((row) => {
      const entry = document.createElement('li');
      entry.className = row.className;
      const [amount, grams, what] = [...row.cells].map((cell) => cell.textContent.trim().replace(/\s+/g, ' '));
      entry.textContent = `${amount}${grams ? ` (${grams})` : ''} ${what}`;
      return entry;
    });
  }

  function draw() {
    along.setAttribute('aria-pressed', String(kept.on));
    document.body.classList.toggle('cooking-along', kept.on);
    card.hidden = !kept.on;
    const step = steps[kept.at];
    if (!kept.on || !step) {
      return;
    }
    const at = card.querySelector('[data-cook-at]');
    at.textContent = at.dataset.at.replace('##', steps.length).replace('#', kept.at + 1);
    card.querySelector('[data-cook-dish]').textContent = `${step.closest('article').querySelector('h2').textContent} · ${step.closest('.part').querySelector('h3').textContent}`;
    card.querySelector('h2').textContent = titleOf(step);
    const list = needs(step);
    card.querySelector('[data-cook-need]').hidden = list.length === 0;
    card.querySelector('[data-cook-need] ul').replaceChildren(...list);
    const text = card.querySelector('[data-cook-text]');
    text.replaceChildren(...[...step.childNodes].filter((node) => !(node.matches && node.matches('strong:first-child, .start-timer'))).map((node) => node.cloneNode(true)));
    if (isLong(step)) {
      text.append(timerOf(step));
    }
    card.querySelector('[data-cook-back]').disabled = kept.at === 0;
    card.querySelector('[data-cook-next]').disabled = kept.at === steps.length - 1 && kept.done.includes(kept.at);
    card.querySelector('.cook-contents').replaceChildren(...steps.map((one, number) => {
      const entry = document.createElement('li');
      entry.append(button(`${kept.done.includes(number) ? '✓ ' : ''}${titleOf(one)}`, 'plain', () => go(number)));
      if (number === kept.at) {
        entry.setAttribute('aria-current', 'step');
      }
      return entry;
    }));
  }

  function go(to) {
    kept.at = Math.max(0, Math.min(steps.length - 1, to));
    keep();
    draw();
    card.querySelector('h2').focus({ preventScroll: true });
    card.scrollIntoView({ block: 'start' });
  }

  async function turn(on) {
    kept.on = on;
    keep();
    draw();
    const awake = await stayAwake(on);
    told.hidden = !on;
    told.textContent = on ? (awake ? told.dataset.awake : told.dataset.asleep) : '';
  }

  along.addEventListener('click', async () => {
    await turn(!kept.on);
    if (kept.on) {
      go(kept.at);
    }
  });
  card.querySelector('[data-cook-next]').addEventListener('click', () => {
    kept.done = [...new Set([...kept.done, kept.at])];
    go(kept.at + 1);
  });
  card.querySelector('[data-cook-back]').addEventListener('click', () => go(kept.at - 1));
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible' && kept.on) {
      stayAwake(true);
    }
  });
  steps.filter(isLong).forEach((step) => step.append(timerOf(step)));
  kept.timers.forEach(stand);
  if (kept.on) {
    turn(true);
  }
});
