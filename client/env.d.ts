/// <reference types="vite-plugin-pwa/client" />
import 'vue';
import 'vue-router';
import type { Right } from './composables/useSession';

declare module 'vue' {
    interface ComponentCustomProperties {
        /** Whether the role of who is signed in includes it. */
        $may: (right: Right) => boolean;
    }
}

declare module 'vue-router' {
    interface RouteMeta {
        title?: string;
        /** Without who works here: an athlete's own page, choosing a password. */
        own?: true;
        floor?: true;
        /** What a role must include to open it. */
        right?: Right;
    }
}
