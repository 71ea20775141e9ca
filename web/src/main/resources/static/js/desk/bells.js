/* What rings: each step that runs by itself has a shape and a tone of its own, and everything that rings stands in one list until somebody looks. */

const SHAPES = ['●', '■', '▲', '◆', '★', '⬟', '✚', '⬢'];
const LOWEST = 440;
const STEP = 1.19;
const AGAIN = 8000;

/* By turns in the order of the class, so that two pans that stand side by side are never the same. */
export const sign = (item) => SHAPES[item.sign % SHAPES.length];

/** What rings at a moment, the longest first: a look that is due, or a step that is over. */
export const ringing = (state, now) => state.items.filter((item) => item.status === 'RUNNING' && !item.hands && item.shown !== undefined).map((item) => {
  const due = item.looks.filter((at) => at <= now).length;
  const over = now - item.due;
  const since = over >= 0 ? over : due > item.looked ? now - item.looks[due - 1] : -1;
  return { item, over: over >= 0, since };
}).filter((ring) => ring.since >= 0).sort((one, two) => two.since - one.since);

export class Bell {
  constructor() {
    this.sound = null;
    this.rung = new Map();
  }

  /** Browsers make no sound before somebody has pressed something. */
  on() {
    this.sound = this.sound || (window.AudioContext ? new AudioContext() : null);
  }

  off() {
    this.sound = null;
  }

  /** One tone, to hear whether it can be heard. */
  once() {
    if (this.sound) {
      this.tone(LOWEST, 1);
    }
  }

  /** Whether something rang just now. */
  ring(rings) {
    return rings.filter(({ item, over }) => {
      const key = `${item.key} ${over ? item.due : item.looked}`;
      const due = Date.now() - (this.rung.get(key) || 0) > AGAIN;
      if (due) {
        this.rung.set(key, Date.now());
      }
      if (due && this.sound) {
        this.tone(LOWEST * STEP ** (item.sign % SHAPES.length), over ? 3 : 1);
      }
      return due;
    }).length > 0;
  }

  tone(frequency, times) {
    for (let i = 0; i < times; i += 1) {
      const at = this.sound.currentTime + i * 0.3;
      const tone = this.sound.createOscillator();
      const loudness = this.sound.createGain();
      tone.frequency.value = frequency;
      loudness.gain.setValueAtTime(0.2, at);
      loudness.gain.exponentialRampToValueAtTime(0.001, at + 0.25);
      tone.connect(loudness).connect(this.sound.destination);
      tone.start(at);
      tone.stop(at + 0.28);
    }
  }
}
