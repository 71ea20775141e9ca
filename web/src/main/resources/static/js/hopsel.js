/* Small conveniences; every page works without them. */
'use strict';

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
    const details = line && line.querySelector('details');
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
  const answer = await fetch(spot.dataset.load, { headers: { Accept: 'text/html' } });
  const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
  const part = page.getElementById('loaded');
  if (part) {
    spot.replaceChildren(part);
  }
}

// Puts the answer in the place of the page and keeps focus and scroll, so that one sees what a change does while making it.
async function swapMain(url, options, sent) {
  const answer = await fetch(url, options);
  const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
  const next = page.querySelector('main[data-live]');
  const now = document.querySelector('main[data-live]');
  if (!next || !now) {
    window.location.assign(answer.url);
    return;
  }
  const name = document.activeElement && document.activeElement.getAttribute('name');
  const top = window.scrollY;
  const typed = sent ? typedSince(now.querySelector('form[data-on-change]'), sent) : [];
  now.replaceWith(next);
  typed.forEach(([field, value]) => {
    const fresh = next.querySelector(`form[data-on-change] [name="${CSS.escape(field)}"]`);
    if (fresh) {
      fresh.value = value;
    }
  });
  window.scrollTo(0, top);
  const again = name && next.querySelector(`[name="${CSS.escape(name)}"]`);
  if (again) {
    again.focus({ preventScroll: true });
  }
  const wrong = next.querySelector('#wrong');
  if (wrong) {
    wrong.scrollIntoView({ block: 'nearest' });
  }
  live();
}

function live() {
  document.querySelectorAll('[data-load]').forEach(load);
  if (document.querySelector('main[data-improving]')) {
    window.setTimeout(() => swapMain(window.location.href, {}), 1200);
  }
}

// What was typed while an answer was under way; it must not be lost when the answer comes.
function typedSince(form, sent) {
  return form ? Array.from(form.elements)
    .filter((field) => field.name && !['hidden', 'checkbox', 'submit'].includes(field.type) && field.value !== (sent.get(field.name) || ''))
    .map((field) => [field.name, field.value]) : [];
}

// One change at a time: what comes in between is sent once the answer is there.
let busy = false;
let waiting = null;

async function sendForm(form, submitter) {
  if (busy) {
    waiting = { submitter };
    return;
  }
  busy = true;
  const body = new URLSearchParams(new FormData(form));
  if (submitter && submitter.name) {
    body.set(submitter.name, submitter.value);
  }
  try {
    await swapMain(form.getAttribute('action'), { method: 'POST', body, headers: { Accept: 'text/html' } }, form.matches('[data-on-change]') ? body : null);
  } finally {
    busy = false;
  }
  const next = waiting && document.querySelector('form[data-on-change]');
  const button = waiting && waiting.submitter;
  waiting = null;
  if (next) {
    sendForm(next, button);
  }
}

document.addEventListener('DOMContentLoaded', live);
document.addEventListener('submit', (event) => {
  if (document.querySelector('main[data-live]') && event.target.matches('form[data-swap]')) {
    event.preventDefault();
    sendForm(event.target, event.submitter);
  }
});
document.addEventListener('change', (event) => {
  const form = event.target.closest('form[data-on-change]');
  if (form && form.checkValidity()) {
    const row = event.target.closest('li');
    const half = row && Array.from(row.querySelectorAll('input[type="datetime-local"]')).some((field) => !field.value);
    if (!half) {
      sendForm(form);
    }
  }
});

document.addEventListener('alpine:init', () => {
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
