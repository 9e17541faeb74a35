const AGAIN_MS = 2000;

/**
 * Sends something to the studio and retries until there is an answer, so that nothing typed is lost. A
 * refusal or an error of the server isn't retried. `silent` is called after each attempt without an answer.
 */
export async function untilAnswered<T>(act: () => Promise<T>, silent: () => void): Promise<T> {
  for (;;) {
    try {
      return await act();
    } catch (e) {
      // what fetch throws without a connection
      if (!(e instanceof TypeError)) throw e;
      silent();
      await new Promise((again) => setTimeout(again, AGAIN_MS));
    }
  }
}
