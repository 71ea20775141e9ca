/* What somebody who does not look at the screen is told: news once and politely, alarms once and at once, the clock never. */

export class News {
  constructor(main) {
    this.polite = main.querySelector('[data-news]');
    this.alarm = main.querySelector('[data-alarm]');
    this.told = new Map();
    this.rung = new Set();
  }

  /** Tells how something of one kind stands, when that has changed. */
  tell(kind, text) {
    if (this.told.get(kind) !== text) {
      const first = !this.told.has(kind);
      this.told.set(kind, text);
      if (!first && text) {
        this.polite.textContent = text;
      }
    }
  }

  /** Tells of each alarm the first time that it is there. */
  ring(alarms) {
    const fresh = alarms.filter((alarm) => !this.rung.has(alarm.key));
    this.rung = new Set(alarms.map((alarm) => alarm.key));
    if (fresh.length > 0) {
      this.alarm.textContent = fresh.map((alarm) => alarm.text).join(' ');
    }
  }
}
