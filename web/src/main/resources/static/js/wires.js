/* A real scale by wire, and packs read by a camera or a scanner, where the browser offers them. Without them grams and packs
   are typed, and nothing here is missed. */
'use strict';

(() => {
  const FRESH = 2000;
  const STILL = 600;
  const SAME = 0.05;
  const BAUD = 9600;
  const GRAMS = { kg: 1000, g: 1, lb: 453.59237, oz: 28.349523125 };
  /* What scales send: "ST,GS,+  125.0 g", "0.125kg"; US where it still moves, OL where it is too much. */
  const WEIGHT = /([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(kg|g|lb|oz)\b/i;
  /* Application identifiers of GS1 whose values have one length; all others end with the separator. */
  const LENGTHS = { '00': 18, '01': 14, '02': 14, 11: 6, 12: 6, 13: 6, 15: 6, 16: 6, 17: 6, 20: 2 };
  const END = '\u001d';

  let last = null;
  let since = 0;
  let port = null;

  function heard(line) {
    const found = WEIGHT.exec(line);
    if (/\bOL\b/.test(line)) {
      last = { state: 'overload', grams: 0, settled: false, at: Date.now() };
    } else if (found) {
      const grams = Number(found[2].replace(',', '.')) * GRAMS[found[3].toLowerCase()] * (found[1] === '-' ? -1 : 1);
      if (!last || Math.abs(last.grams - grams) > SAME) {
        since = Date.now();
      }
      const still = /\bST\b/.test(line) || Date.now() - since >= STILL;
      last = { state: 'weight', grams, settled: still && !/\bUS\b/.test(line), at: Date.now() };
    }
  }

  async function listen(chosen) {
    port = chosen;
    await port.open({ baudRate: BAUD });
    offer();
    const reader = port.readable.pipeThrough(new window.TextDecoderStream()).getReader();
    let rest = '';
    try {
      for (;;) {
        const { value, done } = await reader.read();
        if (done) {
          break;
        }
        const lines = (rest + value).split(/[\r\n]+/);
        rest = lines.pop();
        lines.forEach(heard);
      }
    } finally {
      port = null;
      last = null;
      offer();
    }
  }

  /* The station asks here before it asks the scale of the server; null: no scale is connected, or it is silent. */
  window.hopselScale = {
    reading: () => {
      if (!port) {
        return null;
      }
      return last && Date.now() - last.at < FRESH ? last : { state: 'silent', grams: 0, settled: false };
    },
  };

  function date(text) {
    const year = 2000 + Number(text.slice(0, 2));
    const month = Number(text.slice(2, 4));
    const day = Number(text.slice(4, 6)) || new Date(Date.UTC(year, month, 0)).getUTCDate();
    return month >= 1 && month <= 12 ? `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}` : '';
  }

  /* The lot and the date of a GS1 code, with brackets as printed or as a scanner types it; null: it is something else. */
  function pack(text) {
    const code = text.trim().replace(/^\][A-Za-z]\d/, '');
    const values = {};
    if (/^\(\d{2,4}\)/.test(code)) {
      code.split('(').slice(1).forEach((part) => { values[part.split(')')[0]] = part.split(')')[1]; });
    } else {
      let rest = /^(00|01|02)\d{14}/.test(code) ? code : '';
      while (rest) {
        const id = rest.slice(0, 2);
        const length = LENGTHS[id] || rest.slice(2).concat(END).indexOf(END);
        values[id] = rest.slice(2, 2 + length);
        rest = rest.slice(2 + length).replace(END, '');
      }
    }
    return values[10] || values[17] || values[15] ? { lot: values[10] || '', useBy: date(values[17] || values[15] || '') } : null;
  }

  const LOTS = '.take-form [name=lot]:not([type=hidden]), .mix-form [name^=lot-]';

  function fill(field, text) {
    const read = pack(text);
    field.value = read ? read.lot : text.trim();
    const day = field.form.elements[field.name === 'lot' ? 'useBy' : field.name.replace('lot-', 'use-by-')];
    if (read && read.useBy && day) {
      day.value = read.useBy;
    }
  }

  async function scan(field) {
    const detector = new window.BarcodeDetector();
    const camera = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
    const video = document.createElement('video');
    const shown = document.createElement('dialog');
    video.srcObject = camera;
    video.muted = true;
    shown.append(video);
    document.body.append(shown);
    shown.showModal();
    await video.play();
    try {
      while (shown.open) {
        const [found] = await detector.detect(video);
        if (found) {
          fill(field, found.rawValue);
          break;
        }
        await new Promise((go) => { window.setTimeout(go, 150); });
      }
    } finally {
      camera.getTracks().forEach((track) => track.stop());
      shown.remove();
      field.focus();
    }
  }

  function button(text, does) {
    const made = document.createElement('button');
    made.type = 'button';
    made.className = 'small wire';
    made.textContent = text;
    made.addEventListener('click', does);
    return made;
  }

  /* What this browser can do stands on the page; what it cannot is not spoken of. */
  function offer() {
    const main = document.querySelector('main.station');
    document.querySelectorAll('.wire').forEach((old) => old.remove());
    if (!main || !main.dataset.scan) {
      return;
    }
    const tare = main.querySelector('.tare-form');
    if (tare && navigator.serial) {
      tare.append(port ? button(main.dataset.wired, () => {}) : button(main.dataset.wire, () => navigator.serial.requestPort().then(listen).catch(() => {})));
    }
    if ('BarcodeDetector' in window && navigator.mediaDevices) {
      main.querySelectorAll(LOTS).forEach((field) => field.closest('label').after(button(main.dataset.scan, () => scan(field).catch(() => {}))));
    }
  }

  document.addEventListener('change', (event) => {
    if (event.target.matches(LOTS) && pack(event.target.value)) {
      fill(event.target, event.target.value);
    }
  });
  document.addEventListener('hopsel-station', offer);
  document.addEventListener('DOMContentLoaded', () => {
    offer();
    if (document.querySelector('main.station') && navigator.serial) {
      navigator.serial.getPorts().then(([known]) => known && listen(known)).catch(() => {});
    }
  });
})();
