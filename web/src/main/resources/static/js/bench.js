/* The bench by pointer, touch and keyboard. Every change is sent at once; without this script each is a form. */
'use strict';

(() => {
  const main = () => document.querySelector('main.bench');
  const bars = () => Array.from(document.querySelectorAll('.step-bar'));
  let tying = null;
  // While a picked step is dragged by a finger, the page must not scroll.
  let dragging = false;
  document.addEventListener('touchmove', (event) => {
    if (dragging) {
      event.preventDefault();
    }
  }, { passive: false });

  // One change at a time, each on top of the one before: what is pressed meanwhile is sent when the answer is there.
  let busy = false;
  const waiting = [];
  // Of a look at another step only the last counts, and none that was under way when something was changed: a late
  // answer would put what is no longer asked for in the place of what was typed, or of what was said of it.
  let turn = 0;

  async function send(form, extra) {
    if (busy) {
      waiting.push({ key: window.hopsel.key(form), extra });
      return;
    }
    busy = true;
    try {
      await sendNow(form, extra);
    } finally {
      busy = false;
    }
    const next = waiting.shift();
    const again = next && window.hopsel.find(next.key);
    if (again) {
      send(again, next.extra);
    }
  }

  // Puts the answer in the place of the page; what is refused is said beside what was typed.
  async function sendNow(form, extra) {
    turn += 1;
    const body = new URLSearchParams(new FormData(form));
    Object.entries(extra || {}).forEach(([name, value]) => body.set(name, value));
    const { answer, page } = await window.hopsel.fetched(form.getAttribute('action'), { method: 'POST', body });
    const next = page.querySelector('main.bench');
    if (answer.status === 422 || !next) {
      const said = document.getElementById('bench-said');
      const refusal = page.getElementById('refusal') || page.querySelector('main');
      said.textContent = refusal ? refusal.textContent.replace(/\s+/g, ' ').trim() : String(answer.status);
      said.hidden = false;
      said.scrollIntoView({ block: 'nearest' });
      return;
    }
    window.hopsel.forget(window.hopsel.key(form));
    swap(next, answer.url, form, body);
  }

  function swap(next, url, form, sent) {
    const strips = document.querySelector('.strips');
    const scroll = strips ? strips.scrollLeft : 0;
    const focused = document.activeElement && document.activeElement.closest('.step-bar[data-step]');
    window.hopsel.morph(main(), next, form, sent);
    window.history.replaceState(null, '', url);
    const fresh = document.querySelector('.strips');
    if (fresh) {
      fresh.scrollLeft = scroll;
    }
    const again = focused && document.querySelector(`[data-step="${CSS.escape(focused.dataset.step)}"]`);
    if (again) {
      again.focus({ preventScroll: true });
    }
    tying = null;
  }

  function act(action, fields) {
    send(document.getElementById('act'), { action, pick: main().dataset.pick, ...fields });
  }

  async function pick(id) {
    turn += 1;
    const mine = turn;
    const { answer, page } = await window.hopsel.fetched(`/bench/${main().dataset.bench}?step=${encodeURIComponent(id)}`);
    const next = page.querySelector('main.bench');
    if (next && mine === turn) {
      swap(next, answer.url);
      const bar = document.querySelector(`[data-step="${CSS.escape(id)}"]`);
      if (bar) {
        bar.focus({ preventScroll: true });
      }
    }
  }

  document.addEventListener('submit', (event) => {
    const form = event.target;
    if (main() && form.matches('form[data-swap]')) {
      event.preventDefault();
      const button = event.submitter;
      send(form, button && button.name ? { [button.name]: button.value } : {});
    }
  });

  document.addEventListener('click', (event) => {
    if (event.target.closest('[data-close]')) {
      event.target.closest('.bench-toast').remove();
    }
    const help = event.target.closest('[data-help]');
    if (help) {
      toggleHelp();
    }
    const bar = event.target.closest('.step-bar');
    if (bar) {
      event.preventDefault();
    }
  });

  function toggleHelp() {
    const keys = document.getElementById('keys');
    keys.hidden = !keys.hidden;
    keys.querySelector('[data-keys]').checked = letters();
    document.querySelector('[data-help]').setAttribute('aria-expanded', String(!keys.hidden));
  }

  // Pointer: the right edge times a step, its knot ties it, anything else moves it; a touch without a drag picks it.
  const rounded = (minutes) => (minutes < 3 ? Math.max(0.5, Math.round(minutes * 2) / 2) : Math.round(minutes));

  document.addEventListener('pointerdown', (event) => {
    const bar = event.target.closest('.step-bar');
    if (!bar || event.button !== 0) {
      return;
    }
    const rect = bar.querySelector('rect.bar');
    const box = rect.getBoundingClientRect();
    const chart = bar.ownerSVGElement;
    const touch = event.pointerType !== 'mouse';
    const scale = Number(document.querySelector('.strips').dataset.scale);
    const mode = event.target.matches('.knot') ? 'tie' : scale && event.clientX > box.right - (touch ? 18 : 10) && box.width > 24 ? 'time' : 'move';
    if (touch && !bar.classList.contains('picked')) {
      return once(bar, event);
    }
    event.preventDefault();
    dragging = true;
    bar.setPointerCapture(event.pointerId);
    const start = { x: event.clientX, y: event.clientY, width: Number(rect.getAttribute('width')), likely: Number(bar.dataset.likely) };
    let moved = false;

    const move = (now) => {
      const dx = now.clientX - start.x;
      const dy = now.clientY - start.y;
      moved = moved || Math.hypot(dx, dy) > 6;
      if (!moved) {
        return;
      }
      if (mode === 'time') {
        rect.setAttribute('width', Math.max(8, start.width + dx));
      } else if (mode === 'move') {
        bar.setAttribute('transform', `translate(${dx} ${dy})`);
      } else {
        const origin = chart.getBoundingClientRect();
        chart.querySelector('.rubber').setAttribute('d', `M${box.right - origin.left} ${box.bottom - origin.top}L${now.clientX - origin.left} ${now.clientY - origin.top}`);
      }
    };
    const up = (now) => {
      dragging = false;
      bar.removeEventListener('pointermove', move);
      bar.removeAttribute('transform');
      chart.querySelector('.rubber').setAttribute('d', '');
      if (!moved) {
        pick(bar.dataset.step);
      } else if (mode === 'time') {
        act('retime', { step: bar.dataset.step, likely: rounded(Math.max(0.5, start.likely + (now.clientX - start.x) / scale)) });
      } else if (mode === 'tie') {
        const target = at(now, bar);
        if (target) {
          act('tie', { before: bar.dataset.step, then: target.dataset.step });
        }
      } else {
        drop(bar, now);
      }
    };
    bar.addEventListener('pointermove', move);
    bar.addEventListener('pointerup', up, { once: true });
    bar.addEventListener('pointercancel', () => { dragging = false; bar.removeEventListener('pointermove', move); bar.removeAttribute('transform'); }, { once: true });
  });

  function once(bar, event) {
    const up = (now) => {
      if (Math.hypot(now.clientX - event.clientX, now.clientY - event.clientY) < 10) {
        pick(bar.dataset.step);
      }
    };
    bar.addEventListener('pointerup', up, { once: true });
  }

  function at(event, but) {
    return bars().find((bar) => {
      const box = bar.querySelector('rect.bar').getBoundingClientRect();
      return bar !== but && event.clientX > box.left - 8 && event.clientX < box.right + 8 && event.clientY > box.top - 8 && event.clientY < box.bottom + 8;
    });
  }

  // Dropped on a strip: behind every step of it that begins to the left.
  function drop(bar, event) {
    const lane = Array.from(document.querySelectorAll('.strip-chart rect.lane')).find((strip) => {
      const box = strip.getBoundingClientRect();
      return event.clientY >= box.top && event.clientY <= box.bottom + 14;
    });
    if (!lane) {
      return;
    }
    const component = lane.dataset.component;
    const position = bars().filter((other) => other !== bar && other.dataset.component === component
      && other.querySelector('rect.bar').getBoundingClientRect().left + 4 < event.clientX).length;
    act('move', { step: bar.dataset.step, component, position });
  }

  /* Keys of one letter can be switched off, for whoever speaks to the machine or brushes against it. */
  const KEYS = 'hopsel-bench-keys';
  const letters = () => localStorage.getItem(KEYS) !== 'off';

  document.addEventListener('change', (event) => {
    if (event.target.matches('[data-keys]')) {
      localStorage.setItem(KEYS, event.target.checked ? 'on' : 'off');
    }
  });

  document.addEventListener('keydown', (event) => {
    if (event.key.length === 1 && event.key !== ' ' && !letters()) {
      return;
    }
    if (!main() || event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, textarea, select')) {
      return;
    }
    const bar = event.target.closest('.step-bar');
    const key = event.key;
    const button = key.length === 1 && document.querySelector(`button[data-key="${CSS.escape(key)}"]:not([disabled])`);
    if (key === '?') {
      toggleHelp();
    } else if (button) {
      button.click();
    } else if (bar) {
      onBar(bar, key, event);
    }
  });

  function onBar(bar, key, event) {
    const all = bars();
    const step = bar.dataset.step;
    const likely = Number(bar.dataset.likely);
    const one = likely < 3 ? 0.5 : 1;
    const does = {
      ArrowRight: () => (event.shiftKey ? move(1) : focus(1)),
      ArrowLeft: () => (event.shiftKey ? move(-1) : focus(-1)),
      '+': () => act('retime', { step, likely: likely + one }),
      '=': () => act('retime', { step, likely: likely + one }),
      '-': () => act('retime', { step, likely: Math.max(0.5, likely - one) }),
      Enter: () => pick(step),
      ' ': () => pick(step),
      s: () => act('split', { step }),
      j: () => act('join', { step }),
      t: () => tie(),
      Escape: () => { tying = null; bars().forEach((other) => other.classList.remove('tying')); },
    }[key];
    if (does) {
      event.preventDefault();
      does();
    }

    function focus(by) {
      const next = all[all.indexOf(bar) + by];
      if (next) {
        next.focus();
      }
    }

    function move(by) {
      act('move', { step, component: bar.dataset.component, position: Math.max(0, Number(bar.dataset.position) + by) });
    }

    function tie() {
      if (tying && tying !== step) {
        act('tie', { before: tying, then: step });
      } else {
        tying = step;
        bar.classList.add('tying');
      }
    }
  }
})();
