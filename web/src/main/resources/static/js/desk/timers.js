/* What runs by itself: each has a row with its own button; what rings stands first. */

import { button, element, line, put } from './nodes.js';
import { ringing, sign } from './bells.js';
import { clock } from './moments.js';

function keys(drawing, item, ring) {
  const all = [];
  if (ring && !ring.over) {
    all.push(['looked', 'looked']);
  }
  all.push(['done', 'out'], ['menu', 'menu']);
  const buttons = element('span', undefined, 'timer-buttons');
  all.forEach(([what, name]) => {
    const one = button(drawing.word(name), { [what]: item.key }, what === 'menu' ? 'small menu' : 'small');
    one.setAttribute('aria-label', `${drawing.word(what === 'menu' ? 'menu-of' : name)}: ${item.title}`);
    buttons.append(one);
  });
  return buttons;
}

function row(drawing, item, ring) {
  const { isAudience, moments } = drawing;
  const left = item.due - drawing.run.now();
  const entry = line(element('span', sign(item), 'sign'), element('strong', clock(isAudience ? Math.max(0, left) : left)));
  entry.className = ring ? ring.over ? 'rings over' : 'rings' : '';
  entry.firstChild.setAttribute('aria-hidden', 'true');
  const place = item.places.join(', ');
  const due = ring ? drawing.word(ring.over ? 'is-over' : 'look') : '';
  const said = [due, isAudience ? '' : drawing.word('until', moments.at(item.due)), place, item.sight && !isAudience ? drawing.word(`sight-${item.sight}`) : '', item.probe === null ? '' : drawing.word('probe', drawing.moments.heat(item.probe))];
  const what = element('span', undefined, 'what');
  what.append(element('b', item.title), element('span', said.filter((one) => one).join(' · '), 'of'));
  if (item.cue && (ring || isAudience)) {
    what.append(element('span', item.cue, 'cue'));
  }
  entry.append(what);
  if (!isAudience) {
    entry.append(keys(drawing, item, ring));
  }
  return entry;
}

/** Returns what rings. */
export function drawTimers(drawing) {
  const { state, screen } = drawing;
  const rings = drawing.isAudience ? [] : ringing(state, drawing.run.now());
  const mine = rings.filter(({ item }) => screen !== 'assistant' || item.owner === 'ASSISTANT');
  const rank = (item) => (mine.some((ring) => ring.item === item) ? 0 : 1);
  const running = state.items.filter((item) => item.status === 'RUNNING' && !item.hands && (!drawing.isAudience || item.shown)).sort((one, two) => rank(one) - rank(two) || one.due - two.due);
  const rows = running.map((item) => row(drawing, item, mine.find((ring) => ring.item === item)));
  put(drawing.spot('timers'), rows.length ? rows : [line(element('span', drawing.word('no-timers'), 'of'))]);
  put(drawing.spot('ovens'), drawing.isAudience ? [] : state.ovens.map((oven) => element('li', `${drawing.word('oven', oven.id, drawing.moments.heat(oven.celsius), drawing.moments.heat(oven.set))}${oven.untilHot > 0 ? ` ${drawing.word('hot-in', clock(oven.untilHot))}` : ''}`)));
  return mine;
}
