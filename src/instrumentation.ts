/** Opens the database when the server starts, so that what is wrong with the data folder is said at once. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === 'nodejs') {
    const [{ studioDatabase }, { endWithStarter }] = await Promise.all([
      import('./server/studio'),
      import('./server/attended'),
    ]);
    endWithStarter();
    studioDatabase();
  }
}
