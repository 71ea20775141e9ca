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

const sameButton = (one, two) => one.nodeName !== 'BUTTON' || JSON.stringify(one.dataset) === JSON.stringify(two.dataset);

/* A figure that counts must not take the button beside it away from under a finger; a button that means something else must. */
const patch = (now, next) => {
  if (now.nodeType !== next.nodeType || now.nodeName !== next.nodeName || (now.nodeType === Node.ELEMENT_NODE && !sameButton(now, next))) {
    const held = now === document.activeElement;
    now.replaceWith(next);
    if (held) {
      next.focus();
    }
  } else if (now.nodeType === Node.TEXT_NODE) {
    if (now.data !== next.data) {
      now.data = next.data;
    }
  } else {
    [...next.attributes].filter((own) => now.getAttribute(own.name) !== own.value).forEach((own) => now.setAttribute(own.name, own.value));
    [...now.attributes].filter((own) => !next.hasAttribute(own.name)).forEach((own) => now.removeAttribute(own.name));
    children(now, [...next.childNodes]);
  }
};

function children(target, nodes) {
  const before = [...target.childNodes];
  nodes.forEach((node, at) => (before[at] ? patch(before[at], node) : target.append(node)));
  before.slice(nodes.length).forEach((node) => node.remove());
}

/** Only what changed is drawn anew, so that focus, reading and a finger on its way are not disturbed. */
export const put = (target, nodes) => {
  if (target) {
    children(target, nodes);
  }
};
