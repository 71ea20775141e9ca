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
     nothing, and what arrives twice counts once. Meanwhile the station goes on by pages that were laid by beforehand: each
     as it will be once so many portions more are in. */
  const KEPT = `hopsel-station ${window.location.pathname}`;
  const LAID_BY = 'hopsel-laid-by-1';
  const PAGES = 'hopsel-pages-1';
  const PATIENCE = 4000;
  const AGAIN = 1500;
  const waiting = () => JSON.parse(localStorage.getItem(KEPT) || '[]');
  const keep = (presses) => (presses.length ? localStorage.setItem(KEPT, JSON.stringify(presses)) : localStorage.removeItem(KEPT));
  const newName = () => (window.crypto.randomUUID ? window.crypto.randomUUID() : `${Date.now()}-${Math.random()}`);
  const pause = (ms) => new Promise((go) => { window.setTimeout(go, ms); });
  const { parse, fetched, renew } = window.hopsel;
  let delivering = false;
  let away = null;
  /* What is weighed on a page counts once, however often it is pressed. */
  let turn = newName();

  /* The name of the page on which a kit or a row lacks so many portions. */
  const name = ({ version, kit, item = '', left }) => `${window.location.pathname}?laid-by=${version}&kit=${item ? '' : kit}&item=${item}&left=${left}`;

  async function layBy(kit, item, left) {
    const pages = await caches.open(LAID_BY);
    const { version } = main().dataset;
    const old = (await pages.keys()).filter((one) => one.url.includes(`${window.location.pathname}?`) && !one.url.includes(`laid-by=${version}&`));
    await Promise.all(old.map((one) => pages.delete(one)));
    for (let ahead = 0; ahead <= left && !away; ahead += 1) {
      const key = name({ version, kit, item, left: left - ahead });
      if (!await pages.match(key)) {
        const answer = await fetch(`${window.location.pathname}?kit=${kit}&item=${encodeURIComponent(item)}&ahead=${ahead}`, { headers: { Accept: 'text/html' } });
        if (!answer.ok || answer.redirected) {
          return;
        }
        await pages.put(key, answer);
      }
    }
  }

  /* The kit or the row that is under way, and the kit after it. */
  async function layAllBy() {
    const { kit, left, following, item = '' } = main().dataset;
    if (!window.caches || away || (kit === '0' && !item)) {
      return;
    }
    try {
      await layBy(kit, item, Number(left));
      if (!item && following !== '0') {
        const { page } = await fetched(`${window.location.pathname}?kit=${following}`);
        await layBy(following, '', Number(page.querySelector('main').dataset.left));
      }
    } catch (problem) {
      // Out of touch: what is laid by has to do.
    }
  }

  async function laidBy(where) {
    const pages = window.caches && await caches.open(LAID_BY);
    const page = pages && await pages.match(name(where));
    return page ? parse(await page.text()).querySelector('main') : null;
  }

  /* Of a kit that is taken in hand: as it was last seen. */
  async function taken(kit) {
    const pages = window.caches && await caches.open(LAID_BY);
    const start = name({ version: main().dataset.version, kit, item: '', left: '' });
    const lefts = pages ? (await pages.keys()).map((one) => one.url).filter((url) => url.includes(start)).map((url) => Number(url.split('left=').pop())) : [];
    return lefts.length ? laidBy({ version: main().dataset.version, kit, item: '', left: Math.max(...lefts) }) : null;
  }

  function flag(text) {
    const line = document.querySelector('[data-weigh-away]');
    if (line) {
      const said = away ? line.dataset.away.replace('#', away).replace('~', String(waiting().length)) : '';
      line.hidden = !said && !text;
      line.textContent = [said, text].filter((one) => one).join(' ');
    }
  }

  function replace(next) {
    renew(main(), next);
    turn = newName();
    begin();
  }

  /* What was typed for a portion that is still to come stays. */
  function carry(next) {
    const same = ['kit', 'item', 'left'].every((one) => next.dataset[one] === main().dataset[one]);
    (same ? next.querySelectorAll('.take-form input:not([type=hidden])') : []).forEach((field) => {
      field.setAttribute('value', field.value || document.querySelector(`.take-form [name=${field.name}]`)?.value || '');
    });
  }

  /* What the server answered takes the place of the page; what it had against earlier presses is told, too. */
  function swap(page, url, against) {
    const next = page.querySelector('main');
    if (!next || !page.querySelector('main.station')) {
      window.location.assign(url);
      return;
    }
    const grid = next.querySelector('.station-grid');
    against.forEach((told) => grid.before(told));
    carry(next);
    replace(next);
    window.history.replaceState(null, '', url);
    layAllBy();
  }

  /* Who has gone on to another page since they pressed stays there, and sees it as it is now. */
  async function settle(press, page, url, against) {
    if (press.at === window.location.href) {
      swap(page, url, against);
      return;
    }
    try {
      const { answer, page: here } = await fetched(window.location.href);
      swap(here, answer.url, against);
    } catch (problem) {
      // What was pressed is in; the page that is open is from a moment ago.
    }
  }

  /* Down a row it is the same pack. */
  function samePack(next, { portion, lot, useBy }) {
    const form = next.querySelector('.take-form');
    if (form && form.elements.portion.value === portion && !form.elements.lot.value) {
      form.elements.lot.setAttribute('value', lot);
      form.elements.useBy.setAttribute('value', useBy);
    }
  }

  /* Goes on without the server: to the page as it will be after this press. */
  async function goOn(press) {
    const { kind } = press.body;
    const here = main().dataset;
    let next = null;
    if (kind === 'WEIGH') {
      next = await laidBy({ ...here, left: Number(here.left) - 1 });
    } else if (kind === 'CLOSE') {
      next = await taken(here.following);
    } else if (kind === 'CLAIM') {
      next = await taken(press.number);
    } else {
      flag(document.querySelector('[data-weigh-away]').dataset.noted);
      return;
    }
    if (next) {
      samePack(next, press.body);
      replace(next);
    }
    flag(next ? '' : document.querySelector('[data-weigh-away]').dataset.notHere);
  }

  async function post(press) {
    const stop = new AbortController();
    const late = window.setTimeout(() => stop.abort(), PATIENCE);
    try {
      return await fetch(press.action, { method: 'POST', body: new URLSearchParams(press.body), headers: { Accept: 'text/html' }, signal: stop.signal });
    } finally {
      window.clearTimeout(late);
    }
  }

  /* The key of a session that has begun since a press was kept. */
  async function key() {
    const { answer, page } = await fetched(window.location.pathname);
    const field = page.querySelector('main.station input[name=_csrf]');
    if (!field) {
      window.location.assign(answer.url);
      await pause(PATIENCE);
      throw new Error('signed out');
    }
    return field.value;
  }

  async function deliverOne(press) {
    let answer = await post(press);
    if (answer.status === 401 || answer.status === 403 || /sign-in/.test(answer.url)) {
      answer = await post({ ...press, body: { ...press.body, _csrf: await key() } });
    }
    if (answer.status >= 500 || answer.status === 401 || answer.status === 403 || /sign-in/.test(answer.url)) {
      throw new Error('not taken');
    }
    return answer;
  }

  /* One after the other, in the order in which they were pressed. */
  async function deliver() {
    if (delivering) {
      return;
    }
    delivering = true;
    const against = [];
    while (waiting().length) {
      const [press] = waiting();
      try {
        const answer = await deliverOne(press);
        const text = await answer.text();
        const page = parse(text);
        if (window.caches) {
          await (await caches.open(PAGES)).put(answer.url, new Response(text, { headers: { 'Content-Type': 'text/html' } }));
        }
        keep(waiting().slice(1));
        if (waiting().length) {
          against.push(...page.querySelectorAll('main > .told.warned:not([data-weigh-away])'));
        } else {
          away = null;
          delivering = false;
          await settle(press, page, answer.url, against);
          return;
        }
      } catch (problem) {
        if (!away) {
          away = new Date().toTimeString().slice(0, 5);
          for (const one of waiting()) {
            await goOn(one);
          }
        }
        flag('');
        await pause(AGAIN);
      }
    }
    delivering = false;
  }

  /* Nobody is there to refuse what is out of range or has no pack. */
  function fits(body) {
    const face = document.querySelector('.scale-face');
    const grams = Number(String(body.grams).replace(',', '.'));
    const [state, by] = judge({ state: 'weight', settled: true, grams }, Number(face.dataset.least), Number(face.dataset.most));
    if (!body.lot) {
      document.querySelector('.take-form [name=lot]').focus();
      flag(document.querySelector('[data-weigh-away]').dataset.lot);
      return false;
    }
    const say = document.querySelector('.reading .say');
    if (say && state !== 'good') {
      flag(say.dataset[Number.isFinite(grams) ? state : 'silent'].replace('#', `${by.toFixed(1)} g`));
      return false;
    }
    return true;
  }

  function press(form, button) {
    if (delivering && !away) {
      return;
    }
    const body = Object.fromEntries(new FormData(form));
    if (button && button.name) {
      body[button.name] = button.value;
    }
    if (away && body.kind === 'WEIGH' && !fits(body)) {
      return;
    }
    body.client = body.kind === 'WEIGH' ? turn : newName();
    const kept = { action: form.getAttribute('action'), body, number: form.dataset.number || '', at: window.location.href };
    keep([...waiting(), kept]);
    if (away) {
      goOn(kept);
    }
    deliver();
  }

  async function ask() {
    const wired = window.hopselScale && window.hopselScale.reading();
    if (wired) {
      show(wired);
      window.setTimeout(ask, EVERY);
      return;
    }
    try {
      const answer = await fetch(main().dataset.scale, { headers: { Accept: 'application/json' } });
      show(answer.ok && !answer.redirected ? await answer.json() : { state: 'silent', grams: 0, settled: false });
    } catch (problem) {
      show({ state: 'silent', grams: 0, settled: false });
    }
    window.setTimeout(ask, away ? AGAIN : EVERY);
  }

  /* What belongs to the portion on the page. */
  function begin() {
    document.dispatchEvent(new Event('hopsel-station'));
    const field = document.querySelector('.take-form input[name=grams]');
    typed = Boolean(field) && field.value !== '';
    const next = document.querySelector('[data-take], .scale-face.done .press');
    if (next) {
      next.focus();
    }
  }

  // Zero is set without leaving the page; the scale is asked again anyway.
  function tare(form) {
    const body = new URLSearchParams(new FormData(form));
    body.set('tare', 'yes');
    fetch(form.getAttribute('action'), { method: 'POST', body }).catch(() => {});
  }

  document.addEventListener('DOMContentLoaded', () => {
    begin();
    if (main()) {
      ask();
      document.addEventListener('input', (event) => {
        if (event.target.matches('.take-form input[name=grams]')) {
          typed = event.target.value !== '';
        }
      });
      document.addEventListener('submit', (event) => {
        if (event.target.matches('.tare-form')) {
          event.preventDefault();
          tare(event.target);
        } else if (event.target.getAttribute('action').includes('/packing/station/')) {
          event.preventDefault();
          press(event.target, event.submitter);
        }
      });
      layAllBy();
      deliver();
    }
    // Parts of a page that show how a machine stands are fetched anew while it works.
    const refreshed = document.querySelector('main[data-refresh]');
    if (refreshed) {
      window.setInterval(async () => {
        try {
          const { page } = await fetched(window.location.href);
          const next = page.getElementById('refreshed');
          const now = document.getElementById('refreshed');
          if (next && now.innerHTML !== next.innerHTML && !now.contains(document.activeElement)) {
            renew(now, next);
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
