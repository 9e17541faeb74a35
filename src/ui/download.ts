/** Fetches a file of the studio as a press on its link would. */
export function download(href: string): void {
  const link = document.createElement('a');
  link.href = href;
  link.download = '';
  link.click();
}
