/* Small pieces of pages. */

export const element = (tag, text, name) => {
  const made = document.createElement(tag);
  if (text !== undefined) {
    made.textContent = text;
  }
  if (name) {
    made.className = name;
  }
  return made;
};

export const button = (text, data, name) => {
  const made = element('button', text, name);
  made.type = 'button';
  Object.assign(made.dataset, data);
  return made;
};

export const line = (...nodes) => {
  const made = element('li');
  made.append(...nodes);
  return made;
};

/** Only what changed is drawn anew, so that focus and reading are not disturbed. */
export const put = (target, nodes) => {
  if (!target) {
    return;
  }
  const box = document.createElement('div');
  nodes.forEach((node) => box.append(node));
  if (target.dataset.drawn !== box.innerHTML) {
    const focused = target.contains(document.activeElement) ? JSON.stringify(document.activeElement.dataset) : null;
    target.dataset.drawn = box.innerHTML;
    target.replaceChildren(...nodes);
    if (focused) {
      // Whoever works by keyboard stays where they were.
      const same = [...target.querySelectorAll('button')].find((one) => JSON.stringify(one.dataset) === focused);
      if (same) {
        same.focus();
      }
    }
  }
};

export const clock = (seconds) => {
  const whole = Math.abs(seconds);
  return `${seconds < 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};
