/* The assistant's own list: whole rows to touch, each does what it says. */

import { button, element, line, put } from './nodes.js';
import { clock } from './moments.js';

const MOST = 7;

function touch(drawing, { data, at, title, of, name, able = true }) {
  const one = button(undefined, data, `air-touch ${name}`);
  one.disabled = !able;
  one.append(element('strong', at), element('span', title, 'what'), element('span', of, 'of'));
  return line(one);
}

const amounts = (item) => item.in.map((use) => use.what).join(', ');

function work(drawing, item) {
  const { state } = drawing;
  const there = Boolean(state.onAir) && !state.over && drawing.isThere(item);
  const said = [item.dish, amounts(item), state.onAir && !drawing.isThere(item) ? drawing.word('waits', drawing.waitedFor(item)) : ''];
  return { at: item.start, row: touch(drawing, { data: { start: item.key }, at: drawing.when(item), title: `${drawing.word('start')} ${item.title}`, of: said.filter((one) => one).join(' · '), name: 'ahead', able: there && !drawing.inHand() }) };
}

function passing(drawing, hand) {
  const due = Boolean(drawing.state.onAir) && hand.at <= drawing.run.now();
  return { at: hand.at, row: touch(drawing, { data: { handed: hand.id }, at: drawing.when({ start: hand.at }), title: drawing.word(`hand-${hand.kind}`, hand.title), of: hand.what.join(' · '), name: due ? 'pass due' : 'pass', able: Boolean(drawing.state.onAir) }) };
}

export function drawRows(drawing) {
  const place = drawing.spot('rows');
  if (!place) {
    return;
  }
  const hand = drawing.inHand();
  const held = hand ? [touch(drawing, { data: { done: hand.key }, at: clock(hand.due - drawing.run.now()), title: `${drawing.word('finish')} ${hand.title}`, of: [hand.dish, amounts(hand), hand.cue].filter((one) => one).join(' · '), name: 'hand' })] : [];
  const rest = [...drawing.ahead().map((item) => work(drawing, item)), ...drawing.state.handIns.map((one) => passing(drawing, one))].sort((one, two) => one.at - two.at).slice(0, MOST).map((one) => one.row);
  const rows = [...held, ...rest];
  put(place, rows.length ? rows : [line(element('span', drawing.word(drawing.state.over ? 'closed' : 'none-left'), 'of'))]);
}
