/* Small conveniences; every page works without them. */
'use strict';

// What is folded away on a screen stands on paper.
window.addEventListener('beforeprint', () => document.querySelectorAll('details.fold:not([open]), details.why:not([open])').forEach((fold) => {
  fold.open = true;
  fold.dataset.forPaper = 'yes';
}));
window.addEventListener('afterprint', () => document.querySelectorAll('details[data-for-paper]').forEach((fold) => {
  fold.open = false;
  delete fold.dataset.forPaper;
}));

// What somebody unfolded stays so when the page comes again.
document.addEventListener('DOMContentLoaded', () => {
  const key = `hopsel-open ${window.location.pathname}`;
  const folds = [...document.querySelectorAll('details.fold')];
  const name = (fold) => (fold.querySelector('summary [id]') || {}).id;
  const open = JSON.parse(sessionStorage.getItem(key) || '[]');
  folds.filter((fold) => open.includes(name(fold))).forEach((fold) => { fold.open = true; });
  folds.forEach((fold) => fold.addEventListener('toggle', () => {
    const opened = folds.filter((one) => one.open && !one.dataset.forPaper);
    sessionStorage.setItem(key, JSON.stringify(opened.map(name).filter(Boolean)));
  }));
});

document.addEventListener('DOMContentLoaded', () => {
  document.querySelectorAll('[data-print]').forEach((button) => button.addEventListener('click', () => window.print()));

  // A class that is still being planned: look again until it is done.
  if (document.querySelector('[data-pending]')) {
    window.setTimeout(() => window.location.reload(), 1500);
  }

  // A bar of the drawing opens its line in the list.
  const open = () => {
    const name = decodeURIComponent(window.location.hash.slice(1));
    const line = name && (document.getElementById(name) || document.querySelector(`tr[data-step="${CSS.escape(name.replace('step:', ''))}"]`));
    const details = line && (line.matches('details') ? line : line.querySelector('details'));
    if (details) {
      details.open = true;
      line.scrollIntoView({ block: 'nearest' });
      details.querySelector('summary').focus({ preventScroll: true });
    }
  };
  window.addEventListener('hashchange', open);
  open();

  // The drawing begins where the class goes on air, if the work before does not fit beside it.
  const timeline = document.querySelector('.timeline');
  const air = timeline && timeline.querySelector('rect.air');
  if (air && timeline.scrollWidth > timeline.clientWidth) {
    timeline.scrollLeft = Math.max(0, Number(air.getAttribute('x')) - 140);
  }
});

// Parts of a page that take a moment to work out are fetched once the page is there.
async function load(spot) {
  const { page } = await window.hopsel.fetched(spot.dataset.load);
  const part = page.getElementById('loaded');
  if (part) {
    spot.replaceChildren(part);
  }
}

// Puts the answer in the place of the page, so that one sees what a change does while making it.
async function swapMain(url, options, form, sent) {
  const { answer, page } = await window.hopsel.fetched(url, options);
  const next = page.querySelector('main[data-live]');
  const now = document.querySelector('main[data-live]');
  if (!next || !now) {
    elsewhere(answer, page);
    return;
  }
  const about = form ? window.hopsel.key(form) : null;
  if (about && answer.ok) {
    window.hopsel.forget(about);
  }
  window.hopsel.morph(now, next, form, sent);
  const wrong = document.getElementById('wrong');
  if (wrong) {
    wrong.scrollIntoView({ block: 'nearest' });
  }
  if (form && form.matches('[data-on-change]')) {
    tell(answer.ok && !wrong ? 'saved' : 'unsaved');
  }
  live();
}

// What saves by itself says so, for a moment.
let told = 0;
function tell(what) {
  const line = document.getElementById('told-saved');
  if (line) {
    window.clearTimeout(told);
    line.textContent = line.dataset[what];
    line.dataset.now = what;
    told = window.setTimeout(() => { line.textContent = ''; }, what === 'saved' ? 2500 : 8000);
  }
}

// An answer that is another page: gone to, where it can be; where it only answers what was sent, it is shown as it came.
function elsewhere(answer, page) {
  if (answer.redirected || answer.ok) {
    window.location.assign(answer.url);
    return;
  }
  const next = page.querySelector('main');
  if (next) {
    window.hopsel.renew(document.querySelector('main'), next);
    window.scrollTo(0, 0);
  }
}

function live() {
  document.querySelectorAll('[data-load]').forEach(load);
  if (document.querySelector('main[data-improving]')) {
    window.setTimeout(() => swapMain(window.location.href, {}), 1200);
  }
}

// One change at a time: what comes in between is sent once the answer is there.
let busy = false;
let waiting = null;

async function sendForm(form, submitter) {
  const again = { key: window.hopsel.key(form), name: submitter && submitter.name, value: submitter && submitter.value };
  if (busy) {
    waiting = again;
    return;
  }
  busy = true;
  const body = new URLSearchParams(new FormData(form));
  if (again.name) {
    body.set(again.name, again.value);
  }
  try {
    await swapMain(form.getAttribute('action'), { method: 'POST', body, headers: { Accept: 'text/html' } }, form, body);
  } catch (problem) {
    // No network: what was typed stays in its fields, marked, and is sent with the next change.
    tell('unsaved');
  } finally {
    busy = false;
  }
  const next = waiting && window.hopsel.find(waiting.key);
  const button = waiting;
  waiting = null;
  if (next) {
    sendForm(next, button.name ? button : null);
  }
}

document.addEventListener('DOMContentLoaded', live);
document.addEventListener('submit', (event) => {
  if (document.querySelector('main[data-live]') && event.target.matches('form[data-swap]')) {
    event.preventDefault();
    sendForm(event.target, event.submitter);
  }
});

// What is chosen is saved at once, what is typed when one leaves the field: a date is not done with its first digit.
const TYPED = 'input:not([type="checkbox"]):not([type="radio"]), textarea';
function leave(field) {
  const form = field.form;
  if (!form || !form.matches('form[data-on-change]') || !document.contains(field) || !window.hopsel.touched(field) || !form.checkValidity()) {
    return;
  }
  const row = field.closest('li');
  const half = row && Array.from(row.querySelectorAll('input[type="datetime-local"]')).some((other) => !other.value);
  const date = field.type === 'datetime-local' && field.value && Number(field.value.slice(0, 4)) < 2000;
  if (!half && !date) {
    sendForm(form);
  }
}
document.addEventListener('focusout', (event) => {
  // From one half of a row to the other is not leaving it.
  const row = event.target.closest('li');
  const inRow = row && event.relatedTarget && row.contains(event.relatedTarget) && event.target.type === 'datetime-local';
  if (event.target.matches(TYPED) && !inRow) {
    leave(event.target);
  }
});
document.addEventListener('change', (event) => {
  if (!event.target.matches(TYPED)) {
    const form = event.target.closest('form[data-on-change]');
    if (form && form.checkValidity()) {
      sendForm(form);
    }
  }
});

document.addEventListener('alpine:init', () => {
  // A number that is typed, and a slider beside it that says the same.
  window.Alpine.data('slide', () => ({
    slide() {
      this.$refs.typed.value = this.$refs.slider.value;
    },
    follow() {
      this.$refs.slider.value = this.$refs.typed.value;
    },
  }));
  window.Alpine.data('runSheet', () => ({
    person: '',
    choose() {
      this.person = this.$el.dataset.person;
    },
    isChosen() {
      return String(this.person === this.$el.dataset.person);
    },
    isVisible(row) {
      return this.person === '' || row.dataset.who === this.person;
    },
  }));
});

// A bar of the run sheet that is dragged is pinned where it is let go; the form beside each line does the same without it.
document.addEventListener('pointerdown', (event) => {
  const bar = event.target.closest('.timeline a[data-step]');
  const form = document.getElementById('drag-pin');
  if (!bar || !form || event.pointerType === 'touch' || event.button !== 0) {
    return;
  }
  event.preventDefault();
  const from = event.clientX;
  let moved = 0;
  const move = (now) => {
    moved = Math.round(((now.clientX - from) / Number(bar.dataset.perMinute)) * 2) / 2;
    bar.setAttribute('transform', `translate(${now.clientX - from} 0)`);
  };
  const up = () => {
    window.removeEventListener('pointermove', move);
    if (moved !== 0) {
      document.addEventListener('click', (click) => click.preventDefault(), { once: true, capture: true });
      form.elements.step.value = bar.dataset.step;
      form.elements.moment.value = Number(bar.dataset.start) + moved * 60;
      form.requestSubmit();
    } else {
      bar.removeAttribute('transform');
    }
  };
  window.addEventListener('pointermove', move);
  window.addEventListener('pointerup', up, { once: true });
});
document.addEventListener('dragstart', (event) => {
  if (event.target.closest && event.target.closest('.timeline a')) {
    event.preventDefault();
  }
});

// What is usual is put into the fields that it speaks of, and kept with the rest of the form.
document.addEventListener('click', (event) => {
  const button = event.target.closest('button[data-fill]');
  if (!button) {
    return;
  }
  button.dataset.fill.split('\n').forEach((pair) => {
    const at = pair.indexOf('=');
    const field = button.form.elements[pair.slice(0, at)];
    field.value = pair.slice(at + 1);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  });
});

// What keeps pages for a kitchen without a network; the desk asks for the others of its class beforehand.
if (navigator.serviceWorker) {
  window.addEventListener('load', async () => {
    const worker = document.querySelector('link[rel=manifest]').dataset.worker;
    await navigator.serviceWorker.register(worker).catch(() => null);
    const wanted = document.querySelector('main[data-keep]');
    if (wanted && navigator.onLine) {
      const ready = await navigator.serviceWorker.ready;
      ready.active.postMessage({ keep: wanted.dataset.keep.split(' ') });
    }
  });
}

// Where somebody is, is known to their machine; a part of a page that came later is filled when it is sent.
document.addEventListener('submit', (event) => {
  event.target.querySelectorAll('input[data-zone]').forEach((field) => {
    if (!field.value) {
      field.value = Intl.DateTimeFormat().resolvedOptions().timeZone || '';
    }
  });
}, true);

// A link that is shown once is copied by one press.
document.addEventListener('click', async (event) => {
  const button = event.target.closest('[data-copy]');
  if (button) {
    await navigator.clipboard.writeText(button.dataset.copy).catch(() => null);
    button.textContent = button.dataset.copied || '✓';
  }
  const shared = event.target.closest('[data-share]');
  if (shared) {
    await navigator.share({ url: shared.dataset.share }).catch(() => null);
  }
});
if (navigator.share) {
  document.querySelectorAll('[data-share]').forEach((button) => { button.hidden = false; });
}

// What does not save by itself warns before it is left.
document.addEventListener('input', (event) => {
  const form = event.target.closest('form[data-unsaved]');
  if (form) {
    form.dataset.unsaved = 'changed';
  }
});
document.addEventListener('submit', (event) => {
  if (event.target.dataset.unsaved) {
    event.target.dataset.unsaved = 'sent';
  }
});
window.addEventListener('beforeunload', (event) => {
  if (document.querySelector('form[data-unsaved=changed]')) {
    event.preventDefault();
  }
});

// What cannot be undone asks once more, on the spot.
document.addEventListener('submit', (event) => {
  const button = event.submitter;
  if (event.target.dataset.sure && button && !button.dataset.asked) {
    event.preventDefault();
    button.dataset.asked = 'yes';
    button.textContent = `${button.textContent}?`;
  }
});

// What has to be mended is where the work goes on.
window.addEventListener('DOMContentLoaded', () => document.querySelector('[aria-invalid=true]')?.focus());

// Suggestions for the last word of a list, as it is typed; one press takes one.
document.addEventListener('input', (event) => {
  const field = event.target.closest('[data-suggest]');
  if (!field) {
    return;
  }
  const list = document.getElementById(field.dataset.suggest);
  const box = document.querySelector(`[data-suggestions=${field.dataset.suggest}]`);
  const word = field.value.split(',').pop().trim().toLowerCase();
  const all = list ? [...list.options].map((option) => option.value) : [];
  const begins = all.filter((one) => one.startsWith(word));
  const found = word.length < 2 ? [] : [...begins, ...all.filter((one) => !one.startsWith(word) && one.includes(` ${word}`))].slice(0, 6);
  box.replaceChildren(...found.filter((one) => one !== word).map((one) => {
    const button = document.createElement('button');
    button.type = 'button';
    button.className = 'small';
    button.textContent = one;
    button.addEventListener('click', () => {
      const said = field.value.split(',').slice(0, -1).map((part) => part.trim()).filter((part) => part);
      field.value = `${[...said, one].join(', ')}, `;
      box.replaceChildren();
      field.focus();
    });
    return button;
  }));
});

// What is pressed twice is sent once: until the answer is there, or long enough that none will come.
const ANSWERED = 10000;
document.addEventListener('submit', (event) => {
  const form = event.target;
  if (event.defaultPrevented || (form.getAttribute('method') || '').toLowerCase() !== 'post') {
    return;
  }
  if (Date.now() - Number(form.dataset.sent || 0) < ANSWERED) {
    event.preventDefault();
  } else {
    form.dataset.sent = Date.now();
  }
});
window.addEventListener('pageshow', () => document.querySelectorAll('form[data-sent]').forEach((form) => { delete form.dataset.sent; }));
