/* Cooking along from a handout: large type, a screen that stays awake, and timers from the steps. */
'use strict';

document.addEventListener('DOMContentLoaded', () => {
  const page = document.querySelector('main.cook');
  if (!page) {
    return;
  }
  const told = page.querySelector('[data-cook-told]');
  const shelf = page.querySelector('.timers');
  let lock = null;

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

  const button = page.querySelector('[data-cook]');
  button.addEventListener('click', async () => {
    const on = button.getAttribute('aria-pressed') !== 'true';
    button.setAttribute('aria-pressed', String(on));
    document.body.classList.toggle('cooking-along', on);
    const awake = await stayAwake(on);
    told.hidden = !on;
    told.textContent = on ? (awake ? told.dataset.awake : told.dataset.asleep) : '';
  });
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible' && document.body.classList.contains('cooking-along')) {
      stayAwake(true);
    }
  });

  const clock = (seconds) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

  function timer(title, seconds) {
    const ends = Date.now() + seconds * 1000;
    const box = document.createElement('div');
    box.className = 'timer';
    const name = document.createElement('strong');
    name.textContent = title;
    const left = document.createElement('output');
    const stop = document.createElement('button');
    stop.type = 'button';
    stop.className = 'press quiet';
    stop.textContent = shelf.dataset.stop;
    box.append(name, left, stop);
    shelf.append(box);
    const tick = () => {
      const rest = Math.max(0, Math.ceil((ends - Date.now()) / 1000));
      left.textContent = rest > 0 ? clock(rest) : shelf.dataset.done;
      if (rest === 0) {
        box.classList.add('rings');
        box.setAttribute('role', 'alert');
        window.clearInterval(going);
      }
    };
    const going = window.setInterval(tick, 500);
    tick();
    stop.addEventListener('click', () => {
      window.clearInterval(going);
      box.remove();
    });
  }

  page.querySelectorAll('.method li[data-seconds]').forEach((step) => {
    const seconds = Number(step.dataset.seconds);
    if (seconds >= 60) {
      const start = document.createElement('button');
      start.type = 'button';
      start.className = 'small start-timer';
      start.textContent = shelf.dataset.start.replace('#', clock(seconds));
      start.addEventListener('click', () => timer(step.querySelector('strong').textContent, seconds));
      step.append(start);
    }
  });
});
