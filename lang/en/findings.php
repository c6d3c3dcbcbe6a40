<?php

return [
    'live-end-exposed' => ':spot: loose, uncapped, and live in at least one switch position.',
    'wrong-device' => ':device is a :is; it must be a :needs.',
    'conductor-open' => '{1} :box: one conductor is connected at the far end but loose here: :at.|[2,*] :box: :count conductors are connected at the far end but loose here: :at.',
    'neutral-switched' => ':spot: the switch for :lamp is in the neutral. Off is not dead: the lampholder stays live.',
    'never-lights' => ':lamp never lights.',
    'always-lit' => [
        'other' => ':lamp never goes off.',
    ],
    'dim' => ':lamp is dim: it is in series with another lamp.',
    'switch-no-effect' => ':device has no effect on :lamp.',
    'partial-control' => ':device only works :lamp with the other switches in certain positions.',
    'wrong-lamp' => ':device controls :lamp, but belongs to another light.',
    'not-always-on' => [
        'device' => ':spot: :device should always be live, and is not.',
    ],
    'scheme-not-as-asked' => 'The task asks for ":asked"; this is wired as ":found".',
    'end-not-capped' => '{1} :box: one loose end: :at.|[2,*] :box: :count loose ends: :at.',
    'connector-overfilled' => ':box: :count conductors in a connector for :ports: :at.',
    'parallel-path' => ':spot: two paths in parallel form a ring.',
    'trips-always' => 'The breaker trips in every switch position.',
    'trips-sometimes' => 'The breaker trips with :positions.',
    'rooms-habitable' => 'habitable room',
    'rooms-occupiable' => 'habitable or occupiable room',
    'no-scheme' => 'no named scheme',
    'current' => 'a current-carrying conductor',
    'up' => ':switch up',
    'down' => ':switch down',
];
