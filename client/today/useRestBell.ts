import { useLocalStorage } from '@vueuse/core';
import { watch, type Ref } from 'vue';
import type { Tile } from '../domain/floor/tile';

const TONE_HZ = 660;
const TONE_S = 0.16;
const BUZZ_MS = 120;

let audio: AudioContext | undefined;

function ring(): void {
    audio ??= new AudioContext();
    const [tone, loudness] = [audio.createOscillator(), audio.createGain()];
    tone.frequency.value = TONE_HZ;
    loudness.gain.setValueAtTime(0.2, audio.currentTime);
    loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + TONE_S);
    tone.connect(loudness).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + TONE_S);
}

/** Tells by a short tone and a buzz that somebody's rest is over; each can be off. */
export function useRestBell(tiles: () => readonly Tile[]): { sound: Ref<boolean>; buzz: Ref<boolean>; canBuzz: boolean } {
    const sound = useLocalStorage('steady-rung.sound', false);
    const buzz = useLocalStorage('steady-rung.buzz', true);
    const canBuzz = 'vibrate' in navigator;

    watch(
        () =>
            tiles()
                .filter((t) => t.turn === 'rest')
                .map((t) => t.athlete.id),
        (rest, rested) => {
            const up = tiles().filter((t) => t.turn === 'up' && rested.includes(t.athlete.id) && !rest.includes(t.athlete.id));
            if (up.length === 0) {
                return;
            }
            if (sound.value) {
                ring();
            }
            // A page that nobody touched yet may not buzz.
            if (buzz.value && canBuzz && navigator.userActivation?.hasBeenActive !== false) {
                navigator.vibrate(BUZZ_MS);
            }
        },
    );

    return { sound, buzz, canBuzz };
}
