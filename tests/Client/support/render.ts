import { createSSRApp, h, type Component } from 'vue';
import { renderToString } from 'vue/server-renderer';

/** A component's markup, without a browser. */
export async function markup(component: Component, props: Record<string, unknown>): Promise<string> {
    return renderToString(createSSRApp({ render: () => h(component, props) }));
}

/** Every value of an attribute in the markup, in order. */
export function attributes(html: string, name: string): string[] {
    return [...html.matchAll(new RegExp(` ${name}="([^"]*)"`, 'g'))].map((m) => m[1] ?? '');
}

/** The words on a page as they stand, each element's apart. */
export function wordsOf(element: Element): string {
    const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
    const texts: string[] = [];
    while (walker.nextNode()) {
        texts.push(walker.currentNode.nodeValue ?? '');
    }
    return texts.join(' ').replace(/\s+/g, ' ').trim();
}

/** The words of the markup, tags taken away. */
export function words(html: string): string {
    return html
        .replace(/<!--.*?-->/g, '')
        .replace(/<[^>]+>/g, ' ')
        .replace(/&amp;/g, '&')
        .replace(/\s+/g, ' ')
        .trim();
}
