/* Small conveniences; every page works without them. */
'use strict';

document.addEventListener('DOMContentLoaded', () => {
  document.querySelectorAll('[data-print]').forEach((button) => button.addEventListener('click', () => window.print()));

  // A class that is still being planned: look again until it is done.
  if (document.querySelector('[data-pending]')) {
    window.setTimeout(() => window.location.reload(), 1500);
  }

  // A bar of the drawing opens its line in the list.
  const open = () => {
    const line = window.location.hash && document.getElementById(window.location.hash.slice(1));
    const details = line && line.querySelector('details');
    if (details) {
      details.open = true;
      details.querySelector('summary').focus({ preventScroll: true });
    }
  };
  window.addEventListener('hashchange', open);
  open();

  // The drawing begins where the class goes on air, if the work before does not fit beside it.
  const timeline = document.querySelector('.timeline');
  const air = timeline && timeline.querySelector('rect.air');
  if (air && timeline.scrollWidth > timeline.clientWidth) {
    timeline.scrollLeft = Math.max(0, Number(air.getAttribute('x')) - 140);
  }
});

document.addEventListener('alpine:init', () => {
  window.Alpine.data('runSheet', () => ({
    person: '',
    choose() {
      this.person = this.$el.dataset.person;
    },
    isChosen() {
      return String(this.person === this.$el.dataset.person);
    },
    isVisible(row) {
      return this.person === '' || row.dataset.who === this.person;
    },
  }));
});
