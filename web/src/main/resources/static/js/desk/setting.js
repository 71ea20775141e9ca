/* What is switched on at this device, and stays so: keys, sound, shaking, a screen that does not go dark. */

const KEPT = 'hopsel-desk-2';
const SHAKE = [300, 150, 300];

export class Settings {
  constructor(main, bell) {
    this.main = main;
    this.bell = bell;
    this.kept = JSON.parse(localStorage.getItem(KEPT) || '{}');
    this.lock = null;
    document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && this.wake());
    // Browsers make no sound before somebody has pressed something.
    document.addEventListener('pointerdown', () => this.isOn('sound') && bell.on(), { once: true });
    this.wake();
    this.show();
  }

  isOn(name) {
    return Boolean(this.kept[name]);
  }

  turn(name) {
    this.kept[name] = !this.kept[name];
    localStorage.setItem(KEPT, JSON.stringify(this.kept));
    this.bell[this.isOn('sound') ? 'on' : 'off']();
    this.wake();
    this.show();
    if (this.isOn(name)) {
      this.attempt(name);
    }
  }

  /** So that somebody knows before the class that it works here. */
  attempt(name) {
    if (name === 'sound') {
      this.bell.once();
    } else if (name === 'shake') {
      this.shake();
    }
  }

  shake() {
    if (this.isOn('shake') && navigator.vibrate) {
      navigator.vibrate(SHAKE);
    }
  }

  async wake() {
    if (this.isOn('awake') && navigator.wakeLock) {
      this.lock = await navigator.wakeLock.request('screen').catch(() => null);
    } else if (this.lock) {
      this.lock.release();
      this.lock = null;
    }
    this.show();
  }

  show() {
    const { main } = this;
    main.querySelectorAll('[data-set]').forEach((one) => {
      const { set } = one.dataset;
      const able = (set !== 'shake' || navigator.vibrate) && (set !== 'awake' || navigator.wakeLock);
      one.setAttribute('aria-pressed', String(this.isOn(set)));
      one.disabled = !able;
    });
    main.querySelectorAll('[data-shown-while]').forEach((one) => { one.hidden = !this.isOn(one.dataset.shownWhile); });
  }
}
