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
    this.format = new Intl.DateTimeFormat('en-GB', { timeZone: main.dataset.zone, hour: '2-digit', minute: '2-digit' });
  }

  /* A practice run is told by the clock of the class that it practises. */
  get begun() {
    const { state } = this.run;
    return state && state.onAir && !this.practice ? state.onAir : this.starts;
  }

  /** By the clock on the kitchen's wall: so many seconds from going on air. */
  at(seconds) {
    return this.format.format(this.begun + seconds * 1000);
  }

  /** What the clock on the wall says now. */
  now() {
    const { state } = this.run;
    return state && state.onAir || this.practice ? this.at(this.run.now()) : this.format.format(Date.now());
  }
}
