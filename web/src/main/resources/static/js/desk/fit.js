/* Nobody scrolls with wet hands: what is in hand, and what runs by itself, is set smaller until all of it is in view. */

const SIZES = [1.3, 1.15, 1, 0.92, 0.85, 0.78, 0.7, 0.62, 0.55];

// Another typeface than the one it was measured with takes another room.
document.fonts.addEventListener('loadingdone', () => document.querySelectorAll('[data-fit]').forEach((box) => { box.wanted = null; }));

/** Only where the screen is one view that does not scroll. */
export function fit(main) {
  main.querySelectorAll('[data-fit]').forEach((box) => {
    const wanted = `${box.clientWidth} ${box.clientHeight} ${box.textContent.replace(/[−\d:]+/g, '')} ${box.querySelectorAll('*').length}`;
    if (box.wanted !== wanted) {
      box.wanted = wanted;
      const most = Number(box.dataset.fit) || 1;
      const size = SIZES.filter((one) => one <= most).find((one) => {
        box.style.setProperty('--fit', one);
        return box.scrollHeight <= box.clientHeight + 1;
      });
      box.style.setProperty('--fit', size || SIZES[SIZES.length - 1]);
    }
  });
}
