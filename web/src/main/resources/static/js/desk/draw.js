/* Draws the desk of one screen from how the run stands. Works nothing out but what the clock does between two answers. */

import { button, element, line, put } from './nodes.js';
import { clock, Moments } from './moments.js';
import { fit } from './fit.js';
import { drawPanels } from './panels.js';
import { drawRows } from './rows.js';
import { drawTimers } from './timers.js';
import { News } from './news.js';

const MINUTE = 60;
const AHEAD = 3;

export class Drawing {
  constructor(main, run) {
    this.main = main;
    this.run = run;
    this.screen = main.dataset.screen;
    this.moments = new Moments(main, run);
    this.news = new News(main);
    this.words = Object.fromEntries([...main.querySelectorAll('[data-word]')].map((word) => [word.dataset.word, word.textContent]));
    this.as = '';
    this.chosen = null;
    // Nobody else can have been quicker before this screen showed anything.
    this.hand = undefined;
    this.handSince = 0;
    this.slip = null;
    this.asked = new Set();
    this.unfolded = null;
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

  get isAudience() {
    return this.screen === 'audience';
  }

  /* Where somebody said who they are, their own work, and what nobody's hands are needed for. */
  isMine(item) {
    const role = this.screen === 'assistant' ? 'ASSISTANT' : 'HOST';
    return item.owner === role && (!this.as || !item.person || item.person === this.as);
  }

  name(id) {
    return (this.state.people.find((person) => person.id === id) || { name: '' }).name;
  }

  inHand() {
    return this.state.items.find((item) => item.status === 'RUNNING' && item.hands && this.isMine(item)) || null;
  }

  /* Work before the class is over once it is on air or should be, even where the server has not said so yet. */
  ahead() {
    const begun = this.state.onAir || this.moments.isTime();
    return this.state.items.filter((item) => item.status === 'AHEAD' && this.isMine(item) && (!begun || item.planned >= 0)).sort((one, two) => one.start - two.start);
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

  /* What went wrong and is waited for: with free hands, and nothing else to begin, it is what to do now. */
  toRepeat() {
    const ahead = this.ahead();
    if (this.inHand() || !ahead.length || this.isThere(ahead[0])) {
      return null;
    }
    const wanted = ahead.flatMap((item) => this.waiting(item));
    const failed = this.state.items.filter((one) => one.status === 'FAILED' && wanted.includes(one.key));
    return failed.sort((one, two) => wanted.indexOf(one.key) - wanted.indexOf(two.key))[0] || null;
  }

  /* "In 12 min, 18:51"; what is due, or late, is due now. */
  when(item) {
    const at = this.moments.at(item.start);
    const minutes = Math.round((item.start - this.run.now()) / MINUTE);
    return this.state.onAir && minutes < 1 ? this.word('due', at) : this.state.onAir ? this.word('due-in', minutes, at) : at;
  }

  draw() {
    this.drawAway();
    if (!this.state) {
      return [];
    }
    const key = (this.inHand() || {}).key || null;
    if (key !== this.hand) {
      this.handSince = this.hand === undefined ? 0 : Date.now();
      this.hand = key;
    }
    const stage = !this.state.onAir ? 'before' : this.state.over ? 'after' : '';
    this.main.querySelectorAll('[data-only]').forEach((part) => { part.hidden = part.dataset.only !== stage; });
    const another = this.spot('another-day');
    if (another) {
      another.hidden = !this.moments.isAnotherDay;
    }
    this.drawClock();
    this.drawNow();
    this.drawBig();
    put(this.spot('unsafe'), this.state.unsafe.map((said) => element('li', said)));
    this.drawNext();
    const rings = drawTimers(this);
    if (!this.isAudience) {
      drawRows(this);
      drawPanels(this);
      this.tell(rings);
    }
    fit(this.main);
    return rings;
  }

  drawAway() {
    const away = this.run.away();
    const strip = this.main.querySelector('.air-away');
    const waiting = this.run.queue.length;
    strip.hidden = away === 0;
    put(strip, [document.createTextNode(away === 0 ? '' : `${this.word('away', this.moments.format.format(Date.now() - away * 1000))}${waiting ? ` ${this.word('unsent', waiting)}` : ''}`)]);
    this.news.tell('away', this.word(away === 0 ? 'back' : 'gone'));
  }

  tell(rings) {
    const { state } = this;
    const hand = this.inHand();
    this.news.tell('hand', hand ? `${this.word('now')}: ${hand.title}` : '');
    const noWay = state.end > state.slot ? 'no-way' : 'no-way-near';
    this.news.tell('danger', state.advice.danger ? this.word(state.advice.way.length ? 'in-danger' : noWay) : '');
    this.news.ring(rings.map(({ item, over }) => ({ key: `${item.key} ${over} ${item.looked}`, text: `${item.title}: ${this.word(over ? 'is-over' : 'look')}.` })));
  }

  drawClock() {
    const { state } = this;
    const wall = this.spot('wall');
    if (!wall) {
      return;
    }
    wall.textContent = this.moments.now();
    const left = state.slot - this.run.now();
    const late = Math.round((state.end - state.slot) / MINUTE);
    const day = this.moments.isAnotherDay && this.spot('another-day') ? `${this.spot('another-day').dataset.day}, ` : '';
    this.spot('left').textContent = state.over ? '' : state.onAir ? clock(left) : `${day}${this.moments.at(0)}`;
    this.spot('left-word').textContent = state.over ? '' : this.word(!state.onAir ? 'starts' : left < 0 ? 'over' : 'left');
    const ends = this.spot('late');
    ends.className = `late ${late > 0 ? 'danger' : state.advice.danger ? 'near' : ''}`;
    ends.textContent = `${this.word(state.over ? 'ended' : 'ends', this.moments.at(state.end))} ${late > 0 ? this.word('late', late) : late < 0 ? this.word('spare', -late) : this.word(state.advice.danger ? 'near' : 'on')}`;
    this.main.querySelectorAll('[data-speed]').forEach((one) => one.setAttribute('aria-pressed', String(Number(one.dataset.speed) === state.speed)));
  }

  /* What the big button does now, and whether it can be pressed. */
  drawBig() {
    const { state } = this;
    const big = this.spot('big');
    if (!big) {
      return;
    }
    const hand = this.inHand();
    const next = this.ahead()[0];
    const running = state.items.find((item) => item.status === 'RUNNING' && this.isMine(item));
    const stuck = Boolean(next) && !this.isThere(next);
    const again = this.toRepeat();
    const slipped = this.slip && Date.now() < this.slip.until;
    const [text, able] = slipped ? [this.word('slip', this.slip.title), true]
      : state.over ? [this.word('end'), false]
        : !state.onAir ? [this.word('begin'), this.screen === 'host']
          : state.comingIn > 0 && !hand ? [this.word('coming', clock(state.comingIn)), false]
            : hand ? [this.word(stuck || !next ? 'done-only' : 'done'), true]
              : again ? [this.word('again', again.title, this.moments.at(again.again)), true]
              : next ? [stuck ? this.word('waits', this.waitedFor(next)) : `${this.word('start')} ${next.title}`, !stuck]
                : running ? [this.word('waits', running.title), false]
                  : [this.word(this.screen === 'host' ? 'end' : 'none-left'), this.screen === 'host'];
    big.textContent = text;
    big.disabled = !able;
    big.hidden = state.over;
    big.classList.toggle('slip', Boolean(slipped));
    const undo = this.spot('undo');
    const [kind, ...title] = state.undoes.split(' ');
    put(undo, state.undo ? [element('strong', this.word('undo')), element('span', `${this.word(`kind-${kind}`)} ${title.join(' ')}`)] : [element('strong', this.word('undo'))]);
    undo.disabled = !state.undo;
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

  /* The dish of a step, and whose step it is where several hosts share a screen. */
  owned(item) {
    const shared = this.screen === 'host' && !this.as && this.main.dataset.several === 'yes';
    return shared && item.person ? [this.name(item.person), item.dish].filter((one) => one).join(' · ') : item.dish;
  }

  /* On a screen for the audience, what is shown; else what somebody has in hand. */
  current() {
    const seen = this.state.items.filter((item) => item.status === 'RUNNING' && item.shown && item.main);
    return this.isAudience ? seen.find((item) => item.hands) || seen[0] || null : this.inHand();
  }

  drawNow() {
    const hand = this.current();
    if (!hand) {
      put(this.spot('now'), this.idle());
      return;
    }
    const left = hand.due - this.run.now();
    const host = this.screen === 'host';
    const head = element('div', undefined, 'air-head');
    head.append(element('p', this.owned(hand), 'air-dish'), element('p', clock(this.isAudience ? Math.max(0, left) : left), left < 0 && !this.isAudience ? 'air-left over' : 'air-left'));
    const nodes = [head, element('p', hand.title, 'air-title')];
    if (hand.sight && !this.isAudience) {
      nodes.push(element('p', this.word(`sight-${hand.sight}`), `air-sight ${hand.sight.toLowerCase()}`));
    }
    if (hand.text && hand.text !== hand.title && !this.isAudience) {
      nodes.push(element('p', hand.text, 'air-text'));
    }
    nodes.push(this.uses(hand, host));
    if (hand.cue && host) {
      const cue = button(`${hand.cueShown ? '✓' : '○'} ${hand.cue}`, { cue: hand.key.split('|')[0] }, `air-cue ${hand.cueShown ? 'shown' : ''}`);
      cue.setAttribute('aria-pressed', String(hand.cueShown));
      nodes.push(cue);
    } else if (hand.cue) {
      nodes.push(element('p', hand.cue, 'air-cue'));
    }
    if (hand.loud && !this.isAudience) {
      nodes.push(element('p', this.word('loud'), 'air-loud'));
    }
    if (hand.say && host) {
      nodes.push(element('p', `${this.word('say')} ${hand.say}`, 'air-say'));
    }
    if (this.isAudience && hand.page > 0) {
      nodes.push(element('p', this.word('page', hand.page), 'air-page'));
    }
    if (!this.isAudience) {
      hand.care.forEach((said) => nodes.push(element('p', said, 'air-care')));
    }
    put(this.spot('now'), nodes);
  }

  list(title, entries) {
    const list = element('ul', undefined, 'air-ideas');
    entries.forEach((said) => list.append(element('li', said)));
    return [element('p', title, 'air-dish'), list];
  }

  idle() {
    const { state } = this;
    const host = this.screen === 'host';
    if (this.isAudience && !state.onAir) {
      return [element('p', this.main.querySelector('h1').textContent, 'air-title'), element('p', this.word('begins', this.moments.at(0)), 'air-text')];
    }
    const nodes = [element('p', !state.onAir ? this.word('ready') : state.over ? this.word('closed') : this.waitingTitle(), 'air-title')];
    if (host && state.pause.seconds > 0) {
      nodes.push(...this.list(this.word('pause', clock(Math.max(0, state.pause.seconds))), state.pause.ideas.map((idea) => this.word(`idea-${idea.kind}`, idea.text))));
    }
    if (host && state.before.length > 0) {
      nodes.push(...this.list(this.word('last-time'), state.before.slice(0, 6)));
    }
    return nodes;
  }

  /* Free hands, and yet something to do: what should have begun, or what is ready and waits for somebody. */
  waitingTitle() {
    const next = this.isAudience ? null : this.ahead()[0];
    if (next && this.isThere(next) && next.start - this.run.now() < MINUTE) {
      return this.word('due-title', next.title);
    }
    const ready = this.state.items.filter((item) => !this.isAudience && item.status === 'RUNNING' && !item.hands && item.due < this.run.now()).sort((one, two) => one.due - two.due)[0];
    return ready ? this.word('up-title', ready.title) : this.word('nothing');
  }

  drawNext() {
    if (!this.spot('next')) {
      return;
    }
    const hand = this.current();
    this.spot('next').closest('section').hidden = this.state.over;
    const others = this.isAudience ? [] : this.state.items.filter((item) => item.status === 'RUNNING' && item.hands && item !== hand && this.isMine(item));
    put(this.spot('next'), [...others, ...this.ahead()].slice(0, AHEAD).map((item) => {
      const running = item.status === 'RUNNING';
      const entry = line(element('strong', running ? this.word('until', this.moments.at(item.due)) : this.when(item)), element('span', item.title, 'what'));
      if (running) {
        const done = button(this.word('out'), { done: item.key }, 'small');
        done.setAttribute('aria-label', `${this.word('out')}: ${item.title}`);
        entry.append(element('span', this.owned(item), 'of'), done);
        return entry;
      }
      const said = [this.owned(item), item.loud && this.screen === 'host' ? this.word('loud-next') : ''];
      if (!this.isAudience && this.state.onAir && !this.state.over && !this.isThere(item)) {
        said.push(this.word('waits', this.waitedFor(item)));
      }
      entry.append(element('span', said.filter((one) => one).join(' · '), 'of'));
      return entry;
    }));
  }
}
