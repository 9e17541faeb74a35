const AGAIN_MS = 2000;

/**
 * Does something at the studio, again and again while nothing answers, so that what was typed is written when
 * it does.
 * An answer that refuses, or an error of the studio's own, is not asked for again. `silent` is called each time
 * nobody answers.
 */
export async function untilAnswered<T>(act: () => Promise<T>, silent: () => void): Promise<T> {
  for (;;) {
    try {
      return await act();
    } catch (e) {
      // what fetch throws when there is nobody
      if (!(e instanceof TypeError)) throw e;
      silent();
      await new Promise((again) => setTimeout(again, AGAIN_MS));
    }
  }
}
