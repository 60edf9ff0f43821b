/** Prints plain text on a page of its own, in a frame that goes away again. Text is set as text, never as HTML. */
export function printText(title: string, text: string): void {
  const frame = document.createElement('iframe');
  frame.setAttribute('aria-hidden', 'true');
  frame.style.cssText = 'position:fixed;width:0;height:0;border:0';
  document.body.append(frame);
  const page = frame.contentDocument!;
  page.title = title;
  const block = page.createElement('pre');
  block.style.cssText = 'white-space:pre-wrap;font:13pt/1.5 Georgia,serif;margin:0';
  block.textContent = text;
  page.body.append(block);
  frame.contentWindow!.onafterprint = () => frame.remove();
  frame.contentWindow!.print();
}
