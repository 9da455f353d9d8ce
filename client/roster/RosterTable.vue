<script setup lang="ts">
import { useRouter } from 'vue-router';
import type { Schemas } from '../domain/http';
import { day, percent, percentRange } from '../domain/units';
import type { Verdict } from '../domain/words';
import CallMark from '../parts/marks/CallMark.vue';
import RangeOnScale from './RangeOnScale.vue';

type Entry = Schemas['RosterEntry'];

defineProps<{ people: readonly Entry[] }>();

const router = useRouter();
const verdictOf = ({ verdict, paused }: Entry): Verdict | undefined => verdict ?? (paused ? 'refer' : undefined);
/** The part of a set-up that tells it apart, and where it is. */
function partsOf(name: string | null): [string, string] {
    const at = name?.lastIndexOf(', ') ?? -1;
    return name === null ? ['', ''] : at < 0 ? [name, ''] : [name.slice(0, at), name.slice(at + 2)];
}
const whyOf = (a: Entry): string => (a.decided ? `${a.decided} today` : (a.why ?? (a.paused ? 'Pulling is paused' : '')));
</script>

<template>
    <div class="card roster">
        <table>
            <thead>
                <tr>
                    <th scope="col" class="call">Call, and why</th>
                    <th scope="col" class="who">Athlete</th>
                    <th scope="col" class="setup">Set-up now</th>
                    <th scope="col" class="number">carries</th>
                    <th scope="col" class="on-scale"><RangeOnScale /></th>
                    <th scope="col" class="number came">Last came</th>
                    <th scope="col" class="number stage">Stage</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="athlete in people" :key="athlete.id" @click="router.push(`/people/${athlete.id}`)">
                    <td class="call">
                        <span v-if="verdictOf(athlete)" class="verdict" :class="{ settled: athlete.decided }">
                            <CallMark :verdict="verdictOf(athlete)!" />
                            <small class="why-line" :title="whyOf(athlete)">{{ whyOf(athlete) }}</small>
                        </span>
                        <span v-else class="small dim">no call</span>
                    </td>
                    <th scope="row">
                        <RouterLink :to="`/people/${athlete.id}`" @click.stop>{{ athlete.name }}</RouterLink>
                        <small class="dim tags">{{ athlete.tags.join(' · ') }}</small>
                        <small v-if="athlete.damaged" role="alert">cannot be read; the fault is in the log</small>
                    </th>
                    <td class="setup" :title="athlete.setup_name ?? ''">
                        <template v-if="athlete.setup_name">
                            <b>{{ partsOf(athlete.setup_name)[0] }}</b>
                            <span class="dim">{{ partsOf(athlete.setup_name)[1] }}</span>
                        </template>
                        <span v-else class="dim">none yet</span>
                    </td>
                    <td class="number carries">{{ athlete.setup_share === null ? '–' : percent(athlete.setup_share) }}</td>
                    <td class="on-scale">
                        <RangeOnScale :share="athlete.setup_share" :capacity="athlete.capacity" row />
                        <span class="unseen">
                            {{
                                athlete.capacity
                                    ? `one rep ${percentRange(athlete.capacity.low80, athlete.capacity.high80)}`
                                    : 'no baseline'
                            }}
                        </span>
                    </td>
                    <td class="number came">
                        {{ athlete.last_trained_on === null ? 'never' : day(athlete.last_trained_on) }}
                        <small v-if="athlete.overdue" class="overdue">overdue</small>
                    </td>
                    <td class="number stage" :title="`${athlete.method_name}: ${athlete.stage_name}`">
                        <span class="stage-name">{{ athlete.stage_name }}</span>
                        <span class="dim">{{ athlete.stage_number }} of {{ athlete.stages }}</span>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
</template>

<style src="./roster.css" scoped></style>
