/** What of its look a drawing takes along: all else follows from these or is never set here. */
const LOOKS = [
    'fill',
    'fill-opacity',
    'stroke',
    'stroke-width',
    'stroke-dasharray',
    'stroke-linecap',
    'opacity',
    'font-size',
    'font-weight',
    'text-anchor',
] as const;

const NAMESPACE = 'http://www.w3.org/2000/svg';
/** A picture for a slide or a message: twice as fine as the screen it was drawn on. */
const FINE = 2;

/** A drawing as a file of its own, with its colours in it and on white, and no words of where it was drawn. */
export function svgText(drawing: SVGSVGElement): string {
    const copy = drawing.cloneNode(true) as SVGSVGElement;
    const [originals, copies] = [[...drawing.querySelectorAll('*')], [...copy.querySelectorAll('*')]];
    copies.forEach((element, i) => {
        const looks = getComputedStyle(originals[i]!);
        for (const name of LOOKS) {
            const value = looks.getPropertyValue(name);
            if (value !== '') {
                element.setAttribute(name, value);
            }
        }
        element.removeAttribute('class');
    });
    const [width, height] = [drawing.getAttribute('width') ?? '0', drawing.getAttribute('height') ?? '0'];
    const ground = document.createElementNS(NAMESPACE, 'rect');
    for (const [name, value] of Object.entries({ width, height, fill: '#fff' })) {
        ground.setAttribute(name, value);
    }
    copy.prepend(ground);
    copy.setAttribute('xmlns', NAMESPACE);
    copy.setAttribute('viewBox', `0 0 ${width} ${height}`);
    copy.setAttribute('font-family', 'sans-serif');
    copy.removeAttribute('class');
    return new XMLSerializer().serializeToString(copy).replaceAll(/ data-v-[0-9a-f]+=""/g, '');
}

/** The same as dots. */
export async function pngOf(svg: string): Promise<Blob | null> {
    const picture = new Image();
    picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
    await picture.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [FINE * picture.width, FINE * picture.height];
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    return new Promise((done) => canvas.toBlob(done, 'image/png'));
}
