/* Puts an answer in the place of a page without losing what is being typed: fields that were touched and not sent stay as
   they are, focus and caret stay where they are, and what is left unsaved is there again when one comes back to the page. */
'use strict';

window.hopsel = (() => {
  const FIELDS = 'input:not([type="hidden"]):not([type="submit"]):not([type="file"]):not([type="password"]), textarea, select';

  function touched(field) {
    if (field.matches('select')) {
      const usual = Array.from(field.options).some((option) => option.defaultSelected);
      return Array.from(field.options).some((option, at) => option.selected !== (usual ? option.defaultSelected : at === 0));
    }
    return field.type === 'checkbox' || field.type === 'radio' ? field.checked !== field.defaultChecked : field.value !== field.defaultValue;
  }

  const ofForm = (form) => Array.from(form.elements).filter((field) => field.name && field.matches(FIELDS));

  // A form is known by its id, or by where it goes and what it is about.
  function key(form) {
    const about = ['action', 'step', 'line', 'component', 'key', 'passage'].map((name) => {
      const field = form.querySelector(`input[type="hidden"][name="${name}"]`);
      return field ? field.value : '';
    });
    return form.id || [form.getAttribute('action'), ...about].join('|');
  }

  const find = (name) => Array.from(document.forms).find((form) => key(form) === name);

  // What is typed and not saved, for this tab of the browser.
  const shelf = () => `unsaved:${window.location.pathname}`;
  function unsaved() {
    try {
      return JSON.parse(window.sessionStorage.getItem(shelf()) || '{}');
    } catch (e) {
      return {};
    }
  }
  function keep(all) {
    try {
      window.sessionStorage.setItem(shelf(), JSON.stringify(all));
    } catch (e) {
      // A browser that keeps nothing: the page still has it.
    }
  }

  const isKept = (form) => form && form.matches('form[data-swap], form[data-draft]');

  function remember(field) {
    const form = field.form;
    if (!isKept(form) || !field.matches(FIELDS) || !field.name || field.type === 'checkbox' || field.type === 'radio') {
      return;
    }
    const all = unsaved();
    const own = all[key(form)] || {};
    if (touched(field)) {
      own[field.name] = field.value;
    } else {
      delete own[field.name];
    }
    field.classList.toggle('unsaved', touched(field));
    all[key(form)] = own;
    keep(all);
  }

  function forget(name) {
    const all = unsaved();
    delete all[name];
    keep(all);
  }

  function restore() {
    const all = unsaved();
    Array.from(document.forms).filter(isKept).forEach((form) => {
      const own = all[key(form)];
      if (own) {
        ofForm(form).filter((field) => field.name in own && !touched(field) && field.value !== own[field.name] && field.type !== 'checkbox' && field.type !== 'radio').forEach((field) => {
          field.value = own[field.name];
          field.classList.toggle('unsaved', touched(field));
        });
      }
    });
  }

  // Morphs one element into another. What was sent with a form counts as saved; everything else that was touched stays.
  function morph(now, next, form, sent) {
    const stays = (field) => field.matches && field.matches(FIELDS) && field.name
      && (form && field.form === form ? sent.get(field.name) !== field.value && field.type !== 'checkbox' && field.type !== 'radio' : touched(field));
    window.Idiomorph.morph(now, next, {
      morphStyle: 'outerHTML',
      // A field that somebody is in keeps what is typed; a button that was pressed gets its new words.
      ignoreActiveValue: Boolean(document.activeElement) && document.activeElement.matches(FIELDS),
      callbacks: {
        beforeNodeMorphed: (old) => !(old.nodeType === Node.ELEMENT_NODE && stays(old)),
        beforeAttributeUpdated: (name, node) => !(name === 'open' && node.matches('details')),
      },
    });
    document.querySelectorAll('.unsaved').forEach((field) => field.classList.toggle('unsaved', touched(field)));
    restore();
  }

  const parse = (text) => new DOMParser().parseFromString(text, 'text/html');

  // A page, as the server answers it.
  async function fetched(url, options) {
    const answer = await fetch(url, { headers: { Accept: 'text/html' }, ...options });
    return { answer, page: parse(await answer.text()) };
  }

  // Puts in place a part that is about something else now: nothing that was typed is carried over.
  const renew = (now, next) => window.Idiomorph.morph(now, next, { morphStyle: 'outerHTML' });

  document.addEventListener('input', (event) => remember(event.target));
  document.addEventListener('DOMContentLoaded', restore);
  // A form that goes by itself: its answer is a page that was saved, or one that shows what was typed.
  document.addEventListener('submit', (event) => {
    if (!event.defaultPrevented && isKept(event.target) && !event.target.matches('[data-swap]')) {
      forget(key(event.target));
    }
  });

  return { key, find, morph, renew, parse, fetched, forget, touched, ofForm };
})();
