/** A drawing as a file of its own: what it takes from the page is written into it. */
function standalone(svg: SVGSVGElement): { text: string; width: number; height: number } {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  copy.querySelectorAll('[data-screen-only]').forEach((e) => e.remove());
  const box = (copy.getAttribute('data-whole') ?? '0 0 800 600').split(' ').map(Number);
  const [, , width = 800, height = 600] = box;
  copy.setAttribute('viewBox', box.join(' '));
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.removeAttribute('class');
  copy.removeAttribute('style');
  copy.querySelector('[data-moved]')?.removeAttribute('transform');
  const style = getComputedStyle(svg);
  const known = (name: string) => style.getPropertyValue(name).trim();
  const text = new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\((--[\w-]+)\)/g, (_, name: string) => known(name) || 'black')
    .replace(/currentColor/g, known('--ink') || 'black');
  return { text, width, height };
}

function download(blob: Blob, name: string) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

export function saveSvg(svg: SVGSVGElement, name: string) {
  download(new Blob([standalone(svg).text], { type: 'image/svg+xml' }), `${name}.svg`);
}

/** At twice its size, so that it stands in print. */
export async function savePng(svg: SVGSVGElement, name: string): Promise<void> {
  const { text, width, height } = standalone(svg);
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.ceil(width * 2);
  canvas.height = Math.ceil(height * 2);
  const pen = canvas.getContext('2d')!;
  pen.fillStyle = getComputedStyle(svg).getPropertyValue('--sheet').trim() || 'white';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (blob) {
    download(blob, `${name}.png`);
  }
}
