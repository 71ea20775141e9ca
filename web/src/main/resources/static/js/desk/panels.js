/* What is wanted now and then: help with the end, problems, questions, takes. It stands behind a button each, over the step in hand. */

import { button, element, line, put } from './nodes.js';
import { clock } from './moments.js';

const TROUBLES = ['BURNT', 'SPILT', 'STUCK', 'OTHER'];

function help(drawing, one) {
  return line(button(`${drawing.word(`help-${one.means}`, one.title)} ${drawing.word('gain', clock(one.gain))} ${drawing.word(`cost-${one.means}`)}`, { take: JSON.stringify(one.event) }, 'press quiet'));
}

/* At most one line of rescue, and one touch; the rest is behind a button. */
function drawWay(drawing) {
  const way = drawing.spot('way');
  if (!way) {
    return;
  }
  const { advice, slot } = drawing.state;
  way.hidden = !advice.danger;
  if (!advice.danger) {
    return;
  }
  const none = advice.way.length === 0;
  const said = advice.way.map((one) => drawing.word(`help-${one.means}`, one.title)).join(' + ');
  const noWay = drawing.word(drawing.state.end > slot ? 'no-way' : 'no-way-near');
  put(drawing.spot('way-text'), [element('strong', none ? noWay : said), element('span', none ? '' : drawing.word(advice.ends > slot ? 'danger-still' : 'danger', drawing.moments.at(advice.ends)))]);
  drawing.spot('all').hidden = none;
}

function drawHelp(drawing) {
  const { advice, questions, recap, because, pause } = drawing.state;
  put(drawing.spot('spare'), pause.seconds === 0 && pause.ideas.length > 0 ? drawing.list(drawing.word('to-spare', clock(advice.spare)), pause.ideas.map((idea) => drawing.word(`idea-${idea.kind}`, idea.text))) : []);
  put(drawing.spot('help'), advice.alone.map((one) => help(drawing, one)));
  put(drawing.spot('drops'), advice.drops.length ? advice.drops.map((one) => help(drawing, one)) : [element('li', drawing.word('no-drops'), 'of')]);
  put(drawing.spot('questions'), questions.map((question) => line(element('strong', drawing.moments.at(question.at)), element('span', ` ${question.text} `), button(drawing.word('answered'), { answer: question.number }, 'press quiet'))));
  drawing.spot('question-count').textContent = questions.length ? ` (${questions.length})` : '';
  put(drawing.spot('recap'), recap.length ? recap.map((said) => element('li', said)) : [element('li', drawing.word('no-recap'))]);
  put(drawing.spot('because'), because.map((link) => element('li', `${drawing.moments.at(link.start)} – ${drawing.moments.at(link.end)} ${link.title}`)));
}

/* Asked once, of a step that has just ended, in one line; what it was is behind "not all". What is in hand shows by itself what has not gone in. */
function drawMissing(drawing) {
  const { missing } = drawing.state;
  const hand = drawing.inHand();
  const open = missing.filter((one) => !drawing.asked.has(one.activity) && !(hand && hand.key === one.activity));
  const last = open.length ? open[open.length - 1].activity : null;
  const item = drawing.state.items.find((one) => one.key === last);
  if (!item) {
    put(drawing.spot('missing'), []);
    return;
  }
  const unfolded = drawing.unfolded === last;
  const list = element('ul');
  open.filter((one) => unfolded && one.activity === last).forEach((one) => list.append(line(button(`○ ${one.what}`, { use: one.key }, one.cue ? 'is-cue' : ''))));
  const notAll = button(drawing.word('not-all'), { notAll: last }, 'press quiet');
  notAll.setAttribute('aria-expanded', String(unfolded));
  put(drawing.spot('missing'), [
    element('p', drawing.word('gone-in', item.title), 'air-asked'),
    button(drawing.word('all-in'), { allIn: last }, 'press quiet'), notAll, button(drawing.word('not-asked'), { askNoMore: last }, 'press quiet'),
    list,
  ]);
}

function named(drawing, item) {
  const name = element('span', '', 'of-what');
  name.append(element('strong', item.title), element('span', ` ${item.dish} `, 'of'));
  return name;
}

function troubles(drawing, item) {
  const entry = line(named(drawing, item));
  TROUBLES.forEach((failed) => {
    const one = button(drawing.word(`failed-${failed}`), { failed, key: item.key }, 'press quiet');
    one.setAttribute('aria-label', `${drawing.word(`failed-${failed}`)}: ${item.title}`);
    entry.append(one);
  });
  return entry;
}

function drawTroubles(drawing) {
  const { items } = drawing.state;
  const hand = drawing.inHand();
  const failed = items.filter((item) => item.status === 'FAILED');
  const wrong = items.filter((item) => item.status === 'RUNNING').sort((one, two) => Number(two === hand) - Number(one === hand) || one.due - two.due);
  put(drawing.spot('ladder'), (hand ? hand.ladder : []).map((rung) => line(element('strong', `${rung.trouble}: `), element('span', rung.remedy))));
  put(drawing.spot('rescues'), [...failed, ...(hand ? [hand] : [])].flatMap((item) => item.rescues.map((said) => element('li', `${item.title}: ${said}`))));
  put(drawing.spot('again'), failed.map((item) => line(button(drawing.word('again', item.title, drawing.moments.at(item.again)), { start: item.key }, 'press quiet'))));
  put(drawing.spot('failing'), wrong.map((item) => troubles(drawing, item)));
  put(drawing.spot('ran-out'), (hand ? hand.in : []).map((use) => button(drawing.word('ran-out', use.what), { ranOut: use.item, key: hand.key }, 'press quiet')));
}

/* Of the timer whose menu is open. */
function drawMenu(drawing) {
  const { chosen, state } = drawing;
  const item = state.items.find((one) => one.key === chosen);
  if (!item) {
    return;
  }
  const keys = [['more', 'more'], ['looked', 'looked'], ['done', 'out']];
  // An oven of which is known how hot it is already lengthens what is in it.
  const known = state.ovens.some((oven) => item.places.some((own) => own.startsWith(oven.id)));
  if (item.probe === null && known) {
    keys.push(['probe', 'probe-in']);
  }
  drawing.spot('menu-title').textContent = item.title;
  const entry = line();
  if (item.cold > 0 && !known) {
    entry.append(button(drawing.word('was-cold', Math.round(item.cold / 60)), { cold: item.cold, key: item.key }, 'press quiet'));
  }
  keys.forEach(([what, name]) => entry.append(button(drawing.word(name), { [what]: item.key }, 'press quiet')));
  const wrong = line(element('span', drawing.word('trouble'), 'of-what'));
  TROUBLES.forEach((failed) => wrong.append(button(drawing.word(`failed-${failed}`), { failed, key: item.key }, 'press quiet')));
  put(drawing.spot('menu-keys'), item.status === 'RUNNING' ? [entry, wrong] : []);
  put(drawing.spot('menu-said'), [item.cue, ...item.care, ...item.rescues].filter((one) => one).map((said) => element('li', said)));
}

function drawTakes(drawing) {
  const { items, toFilm } = drawing.state;
  put(drawing.spot('takes'), items.filter((item) => item.takes.length > 0).map((item) => {
    const entry = line(element('span', `${item.title} `), element('span', item.takes.map((take, n) => drawing.word('take', n + 1, take)).join(', '), 'of'));
    if (item.status === 'DONE') {
      entry.append(button(drawing.word('retake'), { start: item.key }, 'press quiet'));
    }
    return entry;
  }));
  put(drawing.spot('to-film'), toFilm.map((key) => items.find((item) => item.key === key)).filter((item) => item).map((item) => element('li', `${item.title}${item.can || item.status === 'FAILED' ? ` ${drawing.word('can')}` : ''}`)));
}

/* What somebody says stands ready beside the plan: only then it can be brought in. */
function drawSpares(drawing) {
  put(drawing.spot('spares'), drawing.state.spares.map((one) => {
    const ready = button(`${one.ready ? '✓' : '○'} ${one.title}`, one.ready ? {} : { handed: one.id }, one.ready ? 'shown' : '');
    ready.setAttribute('aria-pressed', String(one.ready));
    return line(ready);
  }));
}

export function drawPanels(drawing) {
  drawMenu(drawing);
  if (drawing.screen === 'host') {
    drawWay(drawing);
    drawHelp(drawing);
    drawMissing(drawing);
    drawTroubles(drawing);
    drawTakes(drawing);
    drawSpares(drawing);
  }
}
