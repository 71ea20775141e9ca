/* Draws the desk of one screen from how the run stands. Works nothing out but what the clock does between two answers. */

import { button, clock, element, line, put } from './nodes.js';
import { ringing, sign } from './bells.js';

const MOST_MISSING = 4;

export class Drawing {
  constructor(main, run) {
    this.main = main;
    this.run = run;
    this.screen = main.dataset.screen;
    this.words = Object.fromEntries([...main.querySelectorAll('[data-word]')].map((word) => [word.dataset.word, word.textContent]));
    this.hand = null;
    this.handSince = 0;
  }

  spot(name) {
    return this.main.querySelector(`[data-${name}]`);
  }

  word(name, ...values) {
    return values.reduce((text, value) => text.replace('#', value), this.words[name] || name);
  }

  get state() {
    return this.run.state;
  }

  isMine(item) {
    return this.screen === 'assistant' ? item.owner === 'ASSISTANT' : item.owner === 'HOST';
  }

  inHand() {
    return this.state.items.find((item) => item.status === 'RUNNING' && item.hands && this.isMine(item)) || null;
  }

  /* Work before the class is over once it is on air, even where the server has not said so yet. */
  ahead() {
    return this.state.items.filter((item) => item.status === 'AHEAD' && this.isMine(item) && (!this.state.onAir || item.planned >= 0)).sort((one, two) => one.start - two.start);
  }

  /* What a step still waits for: what is done meanwhile, on this screen, too, and what will be with the same press, is there. */
  waiting(item) {
    const hand = this.inHand();
    const done = new Set(this.state.items.filter((one) => one.status === 'DONE').map((one) => one.key));
    return item.waits.filter((key) => !done.has(key) && !(hand && hand.key === key));
  }

  isThere(item) {
    return this.waiting(item).length === 0;
  }

  waitedFor(item) {
    const keys = this.waiting(item);
    const first = this.state.items.find((one) => keys.includes(one.key));
    return first ? first.title : '';
  }

  draw() {
    const away = this.run.away();
    const strip = this.main.querySelector('.air-away');
    strip.hidden = away === 0;
    if (away > 0) {
      strip.textContent = this.word('away', clock(away));
    }
    if (!this.state) {
      return [];
    }
    const key = (this.inHand() || {}).key || null;
    if (key !== this.hand) {
      this.hand = key;
      this.handSince = Date.now();
    }
    this.drawClock();
    this.drawNow();
    this.drawUnsafe();
    this.drawNext();
    this.drawHandIns();
    this.drawHelp();
    this.drawTroubles();
    this.drawTakes();
    return this.drawTimers();
  }

  drawClock() {
    const { state } = this;
    const now = this.run.now();
    const left = state.slot - now;
    this.spot('left').textContent = clock(state.onAir ? left : state.slot);
    this.spot('left-word').textContent = this.word(!state.onAir ? 'before' : left < 0 ? 'over' : 'left');
    const late = this.spot('late');
    const minutes = Math.round(state.late / 60);
    late.className = `late ${state.advice.danger ? 'danger' : ''}`;
    late.textContent = `${minutes > 0 ? this.word('late', minutes) : minutes < 0 ? this.word('early', -minutes) : this.word('on')} ${this.word('ends', clock(state.end))}${state.advice.spare > 0 && state.onAir ? ` ${this.word('spare', clock(state.advice.spare))}` : ''}`;
    this.main.querySelectorAll('[data-speed]').forEach((one) => one.setAttribute('aria-pressed', String(Number(one.dataset.speed) === state.speed)));
    const big = this.spot('big');
    if (big) {
      const hand = this.inHand();
      const next = this.ahead()[0];
      const waiting = state.items.find((item) => item.status === 'RUNNING' && this.isMine(item));
      const mine = this.screen === 'host' ? 'end' : 'none-left';
      const coming = state.onAir && state.comingIn > 0 && !hand;
      big.textContent = coming ? this.word('coming', clock(state.comingIn)) : !state.onAir ? this.word('begin') : hand ? this.word(next && !this.isThere(next) ? 'done-only' : 'done') : next && !this.isThere(next) ? this.word('waits', this.waitedFor(next)) : next ? `${this.word('start')} ${next.title}` : waiting && !state.over ? this.word('waits', waiting.title) : this.word(mine);
      big.disabled = state.over || (!hand && Boolean(next) && Boolean(state.onAir) && !this.isThere(next)) || (!hand && !next && Boolean(state.onAir) && (this.screen === 'assistant' || Boolean(waiting))) || Boolean(coming) || (!state.onAir && this.screen === 'assistant');
    }
    const undo = this.spot('undo');
    if (undo) {
      const [kind, ...title] = state.undoes.split(' ');
      undo.textContent = state.undo ? `${this.word('undo')}: ${this.word(`kind-${kind}`)} ${title.join(' ')}` : this.word('undo');
      undo.disabled = !state.undo;
    }
  }

  uses(item, tick) {
    const list = element('ul', undefined, 'air-uses');
    item.in.forEach((use) => {
      const entry = element('li');
      if (tick) {
        const ticked = button(`${use.shown ? '✓ ' : '○ '}${use.what}`, { use: use.key }, use.shown ? 'shown' : '');
        ticked.setAttribute('aria-pressed', String(use.shown));
        entry.append(ticked);
        if (use.seasons) {
          [['-1', '−', 'less'], ['1', '+', 'more-of']].forEach(([taste, text, word]) => {
            const touch = button(text, { taste, line: use.key }, 'touch');
            touch.setAttribute('aria-label', this.word(word, use.what));
            entry.append(touch);
          });
          if (use.taste) {
            entry.append(element('span', this.word('came-to', use.taste), 'came'));
          }
        }
      } else {
        entry.textContent = use.what;
      }
      list.append(entry);
    });
    return list;
  }

  drawNow() {
    const { state } = this;
    const hand = this.screen === 'audience' ? state.items.find((item) => item.status === 'RUNNING' && item.shown && item.main && item.hands) || state.items.find((item) => item.status === 'RUNNING' && item.shown && item.main) : this.inHand();
    if (!hand) {
      put(this.spot('now'), this.idle());
      return;
    }
    const left = hand.end - this.run.now();
    const audience = this.screen === 'audience';
    const head = element('div', undefined, 'air-head');
    head.append(element('p', hand.dish, 'air-dish'), element('p', clock(audience ? Math.max(0, left) : left), left < 0 && !audience ? 'air-left over' : 'air-left'));
    const nodes = [head, element('p', hand.title, 'air-title')];
    if (hand.sight && this.screen !== 'audience') {
      nodes.push(element('p', this.word(`sight-${hand.sight}`), `air-sight ${hand.sight.toLowerCase()}`));
    }
    if (hand.loud && !audience) {
      nodes.push(element('p', this.word('loud'), 'air-loud'));
    }
    if (hand.say && this.screen === 'host') {
      nodes.push(element('p', `${this.word('say')} ${hand.say}`, 'air-say'));
    }
    if (hand.text && hand.text !== hand.title && this.screen !== 'audience') {
      nodes.push(element('p', hand.text, 'air-text'));
    }
    nodes.push(this.uses(hand, this.screen === 'host'));
    if (hand.cue && this.screen === 'host') {
      const cue = button(`${hand.cueShown ? '✓' : '○'} ${hand.cue}`, { cue: hand.key.split('|')[0] }, `air-cue ${hand.cueShown ? 'shown' : ''}`);
      cue.setAttribute('aria-pressed', String(hand.cueShown));
      nodes.push(cue);
    } else if (hand.cue) {
      nodes.push(element('p', hand.cue, 'air-cue'));
    }
    if (this.screen === 'audience' && hand.page > 0) {
      nodes.push(element('p', this.word('page', hand.page), 'air-page'));
    }
    if (this.screen !== 'audience') {
      hand.care.forEach((said) => nodes.push(element('p', said, 'air-care')));
    }
    put(this.spot('now'), nodes);
  }

  idle() {
    const { state } = this;
    const nodes = [element('p', this.word(!state.onAir ? 'ready' : state.over ? 'closed' : 'nothing'), 'air-title')];
    if (this.screen === 'host' && state.pause.seconds > 0) {
      nodes.push(element('p', this.word('pause', clock(Math.max(0, state.pause.seconds))), 'air-pause'));
      const list = element('ul', undefined, 'air-ideas');
      state.pause.ideas.forEach((idea) => list.append(element('li', this.word(`idea-${idea.kind}`, idea.text))));
      nodes.push(list);
    }
    if (this.screen === 'host' && state.before.length > 0) {
      nodes.push(element('p', this.word('last-time'), 'air-dish'));
      const list = element('ul', undefined, 'air-ideas');
      state.before.slice(0, 6).forEach((said) => list.append(element('li', said)));
      nodes.push(list);
    }
    return nodes;
  }

  drawUnsafe() {
    put(this.spot('unsafe'), this.state.unsafe.map((said) => element('li', said)));
  }

  drawNext() {
    const many = this.screen === 'assistant' ? 6 : 3;
    put(this.spot('next'), this.ahead().slice(0, many).map((item) => {
      const entry = line(element('strong', clock(item.start)), element('span', ` ${item.title}`), element('span', ` ${item.dish}`, 'of'));
      if (item.loud && this.screen === 'host') {
        entry.append(element('span', ` ${this.word('loud-next')}`, 'of'));
      }
      if (this.screen === 'assistant' && item.in.length > 0) {
        entry.append(this.uses(item, false));
      }
      if (this.state.onAir && !this.state.over && !this.isThere(item)) {
        entry.append(element('span', ` ${this.word('waits', this.waitedFor(item))} `, 'of'));
        const anyway = button(this.word('start-anyway'), { start: item.key }, 'plain');
        anyway.setAttribute('aria-label', `${this.word('start-anyway')}: ${item.title}`);
        entry.append(anyway);
      }
      return entry;
    }));
  }

  drawHandIns() {
    const { state } = this;
    put(this.spot('hand-ins'), state.handIns.slice(0, 5).map((hand) => {
      const due = state.onAir && hand.at <= this.run.now();
      const done = button(this.word('handed'), { handed: hand.id }, 'small');
      done.setAttribute('aria-label', `${this.word('handed')}: ${hand.title}`);
      const entry = line(element('strong', clock(hand.at)), element('span', ` ${this.word(`hand-${hand.kind}`, hand.title)} `, 'what'), element('span', hand.what.join(' · '), 'of'), done);
      entry.className = due ? 'rings' : '';
      return entry;
    }));
  }

  drawTimers() {
    const { state } = this;
    const now = this.run.now();
    const rings = this.screen === 'audience' ? [] : ringing(state, now);
    const running = state.items.filter((item) => item.status === 'RUNNING' && !item.hands && (this.screen !== 'audience' || item.shown)).sort((one, two) => one.end - two.end);
    const list = running.map((item) => {
      const ring = rings.find((one) => one.item === item);
      const left = item.end - now;
      const place = item.places.length ? `: ${item.places.join(', ')}` : '';
      const entry = line(element('strong', clock(this.screen === 'audience' ? Math.max(0, left) : left)), element('span', `${sign(state, item)} ${item.title}${place}`, 'what'));
      entry.className = ring ? 'rings' : '';
      const said = [item.cue, item.sight && this.screen !== 'audience' ? this.word(`sight-${item.sight}`) : '', item.probe === null ? '' : this.word('probe', item.probe)].filter((one) => one).join(' · ');
      entry.append(element('span', said, 'of'));
      if (this.screen !== 'audience') {
        const buttons = element('span', undefined, 'timer-buttons');
        const keys = [['more', 'more'], ['looked', 'looked'], ['done', 'out']];
        if (state.ovens.some((oven) => item.places.some((own) => own.startsWith(oven.id))) && item.probe === null) {
          keys.push(['probe', 'probe-in']);
        }
        keys.forEach(([what, name]) => {
          const one = button(this.word(name), { [what]: item.key }, 'small');
          one.setAttribute('aria-label', `${this.word(name)}: ${item.title}`);
          buttons.append(one);
        });
        entry.append(buttons);
      }
      return entry;
    });
    put(this.spot('timers'), list.length ? list : [line(element('span', this.word('no-timers'), 'of'))]);
    put(this.spot('rings'), rings.map(({ item, over, since }) => line(element('span', `${sign(state, item)} ${item.title}: ${this.word(over ? 'ring-over' : 'ring-look', clock(since))}${item.cue ? ` ${item.cue}` : ''}`))));
    put(this.spot('ovens'), this.screen === 'audience' ? [] : state.ovens.map((oven) => element('li', `${this.word('oven', oven.id, oven.celsius, oven.set)}${oven.untilHot > 0 ? ` ${this.word('hot-in', clock(oven.untilHot))}` : ''}`)));
    return rings;
  }

  help(help) {
    return line(button(`${this.word(`help-${help.means}`, help.title)} ${this.word('gain', clock(help.gain))} ${this.word(`cost-${help.means}`)}`, { take: JSON.stringify(help.event) }, 'press quiet'));
  }

  drawHelp() {
    const { state } = this;
    const { advice, missing, questions, recap } = state;
    const way = this.spot('way');
    if (!way) {
      return;
    }
    put(way, !advice.danger ? [] : advice.way.length === 0 ? [element('p', this.word('no-way'), 'air-danger')] : [element('p', this.word(advice.ends > state.slot ? 'danger-still' : 'danger', clock(advice.ends)), 'air-danger'), (() => {
      const list = element('ul');
      advice.way.forEach((help) => list.append(element('li', `${this.word(`help-${help.means}`, help.title)} ${this.word(`cost-${help.means}`)}`)));
      return list;
    })(), button(this.word('take-all'), { all: 'yes' }, 'air-take')]);
    put(this.spot('spare'), state.pause.seconds === 0 && state.pause.ideas.length > 0 ? [element('p', this.word('to-spare', clock(advice.spare)), 'air-dish'), (() => {
      const list = element('ul', undefined, 'air-ideas');
      state.pause.ideas.forEach((idea) => list.append(element('li', this.word(`idea-${idea.kind}`, idea.text))));
      return list;
    })()] : []);
    put(this.spot('help'), advice.alone.map((help) => this.help(help)));
    put(this.spot('drops'), advice.drops.length ? advice.drops.map((help) => this.help(help)) : [element('li', this.word('no-drops'), 'of')]);
    put(this.spot('questions'), questions.map((question) => line(element('strong', clock(question.at)), element('span', ` ${question.text} `), button(this.word('answered'), { answer: question.number }, 'plain'))));
    this.spot('question-count').textContent = questions.length ? ` (${questions.length})` : '';
    put(this.spot('recap'), recap.length ? recap.map((said) => element('li', said)) : [element('li', this.word('no-recap'))]);
    put(this.spot('because'), state.because.map((said) => element('li', said)));
    // The last few are enough: who ticks nothing at all should still see what is in hand.
    put(this.spot('missing'), missing.slice(-MOST_MISSING).map((one) => line(button(this.word(one.cue ? one.gone ? 'cue-gone' : 'cue-missing' : one.gone ? 'not-in' : 'not-yet-in', one.what), { use: one.key }))));
  }

  drawTroubles() {
    const ladder = this.spot('ladder');
    if (!ladder) {
      return;
    }
    const hand = this.inHand();
    put(ladder, (hand ? hand.ladder : []).map((rung) => line(element('strong', `${rung.trouble}: `), element('span', rung.remedy))));
    const failed = this.state.items.filter((item) => item.status === 'FAILED');
    put(this.spot('rescues'), [...failed, ...(hand ? [hand] : [])].flatMap((item) => item.rescues.map((said) => element('li', `${item.title}: ${said}`))));
    put(this.spot('again'), failed.map((item) => line(button(this.word('again', item.title, clock(item.again)), { start: item.key }, 'press quiet'))));
    const wrong = this.state.items.filter((item) => item.status === 'RUNNING').sort((one, two) => Number(two === hand) - Number(one === hand) || one.end - two.end);
    put(this.spot('failing'), wrong.map((item) => {
      const name = element('span', '', 'of-what');
      name.append(element('strong', item.title), element('span', ` ${item.dish} `, 'of'));
      const entry = line(name);
      ['BURNT', 'SPILT', 'STUCK', 'OTHER'].forEach((failed) => {
        const one = button(this.word(`failed-${failed}`), { failed, key: item.key }, 'press quiet');
        one.setAttribute('aria-label', `${this.word(`failed-${failed}`)}: ${item.title}`);
        entry.append(one);
      });
      return entry;
    }));
    put(this.spot('ran-out'), (hand ? hand.in : []).map((use) => button(this.word('ran-out', use.what), { ranOut: use.item, key: hand.key }, 'press quiet')));
  }

  drawTakes() {
    const place = this.spot('takes');
    if (!place) {
      return;
    }
    const { items, toFilm } = this.state;
    put(place, items.filter((item) => item.takes.length > 0).map((item) => {
      const entry = line(element('span', `${item.title} `), element('span', item.takes.map((take, n) => this.word('take', n + 1, take)).join(', '), 'of'));
      if (item.status === 'DONE') {
        entry.append(button(this.word('retake'), { start: item.key }, 'plain'));
      }
      return entry;
    }));
    put(this.spot('to-film'), toFilm.map((key) => items.find((item) => item.key === key)).filter((item) => item).map((item) => element('li', `${item.title}${item.can || item.status === 'FAILED' ? ` ${this.word('can')}` : ''}`)));
  }
}
