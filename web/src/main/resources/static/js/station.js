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

  async function ask() {
    try {
      const answer = await fetch(main().dataset.scale, { headers: { Accept: 'application/json' } });
      show(answer.ok && !answer.redirected ? await answer.json() : { state: 'silent', grams: 0, settled: false });
    } catch (problem) {
      show({ state: 'silent', grams: 0, settled: false });
    }
    window.setTimeout(ask, EVERY);
  }

  document.addEventListener('DOMContentLoaded', () => {
    const field = document.querySelector('.take-form input[name=grams]');
    if (field) {
      typed = field.value !== '';
      field.addEventListener('input', () => { typed = field.value !== ''; });
    }
    if (main()) {
      const take = document.querySelector('[data-take]');
      if (take) {
        take.focus();
      }
      ask();
    }
    // Zero is set without leaving the page; the scale is asked again anyway.
    document.querySelectorAll('.tare-form').forEach((form) => form.addEventListener('submit', (event) => {
      event.preventDefault();
      const body = new URLSearchParams(new FormData(form));
      body.set('tare', 'yes');
      fetch(form.getAttribute('action'), { method: 'POST', body }).catch(() => {});
    }));
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
