/* Lists that several people tick off at once. A tick says what it wants, is kept here until the server has it, and every
   page asks once a second or so how the list stands. Without this script each tick is a form. */
'use strict';

(() => {
  const EVERY = 1500;
  const list = () => document.querySelector('main[data-ticks]');
  const store = () => `hopsel-ticks ${list().dataset.ticks}`;
  const waiting = () => JSON.parse(localStorage.getItem(store()) || '[]');
  const keep = (queue) => localStorage.setItem(store(), JSON.stringify(queue));
  let sending = false;

  const name = () => (crypto.randomUUID ? crypto.randomUUID() : `${Date.now()}-${Math.random().toString(36).slice(2)}`);

  function show(form, done, who) {
    form.querySelector('.box').setAttribute('aria-checked', String(done));
    form.querySelector('input[name=done]').value = String(!done);
    form.querySelector('.who').textContent = done ? who : '';
    const row = form.closest('li, tr');
    if (row) {
      row.classList.toggle('is-done', done);
    }
  }

  function apply(ticks) {
    const mine = new Set(waiting().map((press) => press.key));
    document.querySelectorAll('.tick-form').forEach((form) => {
      if (!mine.has(form.dataset.key)) {
        const tick = ticks[form.dataset.key];
        show(form, Boolean(tick && tick.done), tick ? tick.who : '');
      }
    });
    count();
  }

  function count() {
    const spot = document.querySelector('[data-left]');
    const boxes = document.querySelectorAll('.tick-form .box');
    const left = document.querySelectorAll('.tick-form .box[aria-checked="false"]').length;
    document.querySelectorAll('.standing').forEach((flag) => {
      const still = flag.closest('.empty-check').querySelectorAll('.box[aria-checked="false"]').length;
      const said = still === 0 ? flag.dataset.empty : flag.dataset.standing.replace('#', still);
      if (flag.textContent !== said) {
        flag.textContent = said;
        flag.classList.toggle('stop', still > 0);
      }
    });
    const text = `${boxes.length - left} / ${boxes.length}`;
    if (spot && spot.textContent !== text) {
      spot.textContent = text;
    }
  }

  function away(yes) {
    const flag = document.querySelector('[data-away]');
    if (flag) {
      flag.hidden = !yes;
    }
  }

  async function send() {
    if (sending) {
      return;
    }
    sending = true;
    try {
      for (let queue = waiting(); queue.length > 0; queue = waiting()) {
        const press = queue[0];
        const body = new URLSearchParams({ key: press.key, done: press.done, client: press.client, _csrf: document.querySelector('.tick-form input[name=_csrf]')?.value || '' });
        const answer = await fetch(list().dataset.ticks, { method: 'POST', body, headers: { Accept: 'application/json' } });
        // Whoever has to sign in again first has not lost what they ticked.
        if (answer.status >= 500 || answer.status === 403 || answer.redirected) {
          throw new Error(String(answer.status));
        }
        keep(waiting().filter((other) => other.client !== press.client));
        if (answer.ok) {
          apply(await answer.json());
        }
      }
      away(false);
    } catch (problem) {
      away(true);
    } finally {
      sending = false;
    }
  }

  async function look() {
    if (document.visibilityState !== 'hidden') {
      try {
        const answer = await fetch(list().dataset.ticks, { headers: { Accept: 'application/json' } });
        if (answer.ok && !answer.redirected) {
          apply(await answer.json());
          away(false);
        }
        if (waiting().length > 0) {
          await send();
        }
      } catch (problem) {
        away(true);
      }
    }
    window.setTimeout(look, EVERY);
  }

  document.addEventListener('DOMContentLoaded', () => {
    if (!list()) {
      return;
    }
    waiting().forEach((press) => {
      const form = document.querySelector(`.tick-form[data-key="${CSS.escape(press.key)}"]`);
      if (form) {
        show(form, press.done, '');
      }
    });
    document.querySelectorAll('.tick-form .box[aria-checked="true"]').forEach((box) => box.closest('li, tr')?.classList.add('is-done'));
    count();
    document.addEventListener('submit', (event) => {
      if (event.target.matches('.tick-form')) {
        event.preventDefault();
        const done = event.target.querySelector('.box').getAttribute('aria-checked') !== 'true';
        keep([...waiting().filter((press) => press.key !== event.target.dataset.key), { key: event.target.dataset.key, done, client: name() }]);
        show(event.target, done, '');
        count();
        send();
      }
    });
    window.addEventListener('online', send);
    look();
  });
})();
