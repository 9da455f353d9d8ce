<script setup lang="ts">
import type { Problem } from '../domain/problems';
import CautionBox from './CautionBox.vue';
import ProblemNote from './ProblemNote.vue';

defineProps<{ problem: Problem }>();
</script>

<template>
    <CautionBox v-if="problem.faults.length > 0" stops class="small" role="alert">
        <ul>
            <li v-for="fault in problem.faults" :key="fault.pointer">
                {{ fault.detail }}
                <code class="dim">{{ fault.pointer }}</code>
            </li>
        </ul>
    </CautionBox>
    <ProblemNote v-else typed :problem="{ ...problem, code: problem.code === 'invalid' ? 'fault' : problem.code }" />
</template>
