/* Times as a desk shows them: what is left as 4:05, a moment by the clock of the kitchen as 18:52, how long until then in minutes. */

export const clock = (seconds) => {
  const whole = Math.abs(seconds);
  return `${seconds < 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

export class Moments {
  constructor(main, run) {
    this.run = run;
    this.starts = Number(main.dataset.starts);
    this.practice = main.dataset.practice === 'yes';
    this.zone = main.dataset.zone;
    const twelve = main.dataset.hours === 'TWELVE';
    this.format = new Intl.DateTimeFormat('en-GB', { timeZone: main.dataset.zone, hour: twelve ? 'numeric' : '2-digit', minute: '2-digit', hour12: twelve });
    this.fahrenheit = main.dataset.degrees === 'FAHRENHEIT';
  }

  /* A practice run is told by the clock of the class that it practises. */
  get begun() {
    const { state } = this.run;
    return state && state.onAir && !this.practice ? state.onAir : this.starts;
  }

  /* Whether the class should have begun; whoever practises has everything before it behind them. */
  isTime() {
    return this.practice || Date.now() >= this.starts;
  }

  /** By the clock on the kitchen's wall: so many seconds from going on air. */
  at(seconds) {
    return this.format.format(this.begun + seconds * 1000);
  }

  /** Whether the class is on another day than today. */
  get isAnotherDay() {
    const day = (at) => new Intl.DateTimeFormat('en-GB', { timeZone: this.zone, dateStyle: 'short' }).format(at);
    return !this.practice && day(this.starts) !== day(Date.now());
  }

  /** How hot something is, as the house tells it. */
  heat(celsius) {
    return this.fahrenheit ? `${Math.round(celsius * 1.8 + 32)} °F` : `${celsius} °C`;
  }

  /** What was typed by the house's degrees, in °C. */
  celsius(typed) {
    return Math.round(this.fahrenheit && typed > 0 ? (typed - 32) / 1.8 : typed) || 0;
  }

  /** What the clock on the wall says now. */
  now() {
    const { state } = this.run;
    return state && state.onAir || this.practice ? this.at(this.run.now()) : this.format.format(Date.now());
  }
}
