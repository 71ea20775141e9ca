/* A weighing station asks its scale four times a second what it shows, and says what that means for the portion. Without
   this script, or without a scale, grams are typed. */
'use strict';

(() => {
  const EVERY = 250;
  const main = () => document.querySelector('main[data-scale]');
  const grams = (number) => `${Number(number.toFixed(1))} g`;
  let typed = false;

  function judge(shown, least, most) {
    if (shown.state !== 'weight') {
      return [shown.state, 0];
    }
    if (least === null) {
      return ['weight', 0];
    }
    if (shown.settled && Math.abs(shown.grams) >= 0.3 && Math.abs(shown.grams) < Math.min(4, least / 2)) {
      return ['zero', shown.grams];
    }
    if (!shown.settled) {
      return ['wait', 0];
    }
    return shown.grams < least ? ['under', least - shown.grams] : shown.grams > most ? ['over', shown.grams - most] : ['good', 0];
  }

  function show(shown) {
    const box = document.querySelector('.reading');
    const face = document.querySelector('.scale-face');
    if (!box) {
      return;
    }
    const least = face && face.dataset.least ? Number(face.dataset.least) : null;
    const most = face && face.dataset.most ? Number(face.dataset.most) : null;
    const [state, by] = judge(shown, least, most);
    box.dataset.state = state;
    box.querySelector('.grams').textContent = shown.state === 'weight' ? grams(shown.grams) : '–';
    const say = box.querySelector('.say');
    const text = say ? (say.dataset[state] || '').replace('#', grams(by)) : '';
    if (say && say.textContent !== text) {
      say.textContent = text;
    }
    const mark = box.querySelector('.mark');
    if (mark && least !== null) {
      // The good stretch is drawn from 280 to 340; nothing lies at 0.
      const at = shown.grams <= least ? (shown.grams / least) * 280 : 280 + ((shown.grams - least) / Math.max(0.1, most - least)) * 60;
      mark.setAttribute('x', Math.max(0, Math.min(395, at)));
    }
    const field = document.querySelector('.take-form input[name=grams]');
    if (field && !typed && document.activeElement !== field && field.type !== 'hidden') {
      field.value = state === 'good' ? Number(shown.grams.toFixed(1)) : '';
    }
  }

  /* What is pressed is kept until the server has it: a server that is gone for a while, or a page that is closed, loses
     nothing, and what arrives twice counts once. */
  const KEPT = `hopsel-station ${window.location.pathname}`;
  let sending = false;
  const pause = (ms) => new Promise((go) => { window.setTimeout(go, ms); });

  /* The answer takes the place of the page: what it tells is told once. */
  function swap(page, url) {
    const next = page.querySelector('main');
    if (!next || !page.querySelector('main.station')) {
      window.location.assign(url);
      return;
    }
    sending = false;
    main().replaceWith(next);
    window.history.replaceState(null, '', url);
    begin();
  }

  async function deliver(press) {
    const flag = document.querySelector('[data-weigh-away]');
    for (;;) {
      try {
        const answer = await fetch(press.action, { method: 'POST', body: new URLSearchParams(press.body), headers: { Accept: 'text/html' } });
        if (answer.status < 500) {
          localStorage.removeItem(KEPT);
          swap(new DOMParser().parseFromString(await answer.text(), 'text/html'), answer.url);
          return;
        }
      } catch (problem) {
        // No server: once more in a moment.
      }
      if (flag) {
        flag.hidden = false;
      }
      await pause(1500);
    }
  }

  function press(form, button) {
    if (sending) {
      return;
    }
    sending = true;
    const body = Object.fromEntries(new FormData(form));
    if (button && button.name) {
      body[button.name] = button.value;
    }
    body.client = body.client || (window.crypto.randomUUID ? window.crypto.randomUUID() : `${Date.now()}-${Math.random()}`);
    const kept = { action: form.getAttribute('action'), body };
    localStorage.setItem(KEPT, JSON.stringify(kept));
    deliver(kept);
  }

  async function ask() {
    try {
      const answer = await fetch(main().dataset.scale, { headers: { Accept: 'application/json' } });
      show(answer.ok && !answer.redirected ? await answer.json() : { state: 'silent', grams: 0, settled: false });
    } catch (problem) {
      show({ state: 'silent', grams: 0, settled: false });
    }
    window.setTimeout(ask, EVERY);
  }

  /* What belongs to the portion on the page. */
  function begin() {
    const field = document.querySelector('.take-form input[name=grams]');
    typed = Boolean(field) && field.value !== '';
    if (field) {
      field.addEventListener('input', () => { typed = field.value !== ''; });
    }
    const next = document.querySelector('[data-take], .scale-face.done .press');
    if (next) {
      next.focus();
    }
    // Zero is set without leaving the page; the scale is asked again anyway.
    document.querySelectorAll('.tare-form').forEach((form) => form.addEventListener('submit', (event) => {
      event.preventDefault();
      const body = new URLSearchParams(new FormData(form));
      body.set('tare', 'yes');
      fetch(form.getAttribute('action'), { method: 'POST', body }).catch(() => {});
    }));
  }

  document.addEventListener('DOMContentLoaded', () => {
    begin();
    if (main()) {
      ask();
    }
    if (document.querySelector('main.station')) {
      document.addEventListener('submit', (event) => {
        if (event.target.getAttribute('action').includes('/packing/station/')) {
          event.preventDefault();
          press(event.target, event.submitter);
        }
      });
      const left = localStorage.getItem(KEPT);
      if (left) {
        const kept = JSON.parse(left);
        kept.body._csrf = document.querySelector('input[name=_csrf]')?.value || kept.body._csrf;
        deliver(kept);
      }
    }
    // Parts of a page that show how a machine stands are fetched anew while it works.
    const refreshed = document.querySelector('main[data-refresh]');
    if (refreshed) {
      window.setInterval(async () => {
        try {
          const page = new DOMParser().parseFromString(await (await fetch(window.location.href, { headers: { Accept: 'text/html' } })).text(), 'text/html');
          const next = page.getElementById('refreshed');
          const now = document.getElementById('refreshed');
          if (next && now.innerHTML !== next.innerHTML && !now.contains(document.activeElement)) {
            now.replaceWith(next);
          }
        } catch (problem) {
          // Out of touch: what stands there stays.
        }
      }, Number(refreshed.dataset.refresh));
    }
    // A guest's own zone is known to their machine.
    document.querySelectorAll('input[data-zone]').forEach((input) => {
      if (!input.value) {
        input.value = Intl.DateTimeFormat().resolvedOptions().timeZone || '';
      }
    });
  });
})();
