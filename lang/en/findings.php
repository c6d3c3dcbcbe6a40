<?php

return [
    'live-end-exposed' => ':spot: neither joined nor capped, and live in some position of the switches.',
    'wrong-device' => ':device is a :is; this place needs a :needs.',
    'conductor-open' => '{1} :box: one conductor in use at its other end is off, :at.|[2,*] :box: :count conductors in use at their other ends are off, :at.',
    'neutral-switched' => ':spot: :lamp goes off because its neutral is opened. Off is not dead: the holder stays live.',
    'never-lights' => ':lamp never lights, whatever the switches do.',
    'always-lit' => [
        'other' => ':lamp never goes out, whatever the switches do.',
    ],
    'dim' => ':lamp lights dimly: it shares its voltage with another lamp in series.',
    'switch-no-effect' => ':device never changes :lamp.',
    'partial-control' => ':device changes :lamp in some positions of the other switches but not in all.',
    'wrong-lamp' => ':lamp answers to :device, which belongs to another light.',
    'not-always-on' => [
        'device' => ':spot: :device should stay live whatever the switches do, and does not.',
    ],
    'scheme-not-as-asked' => 'The task asks for ":asked"; this works as ":found".',
    'end-not-capped' => '{1} :box: one end neither joined nor capped, :at.|[2,*] :box: :count ends neither joined nor capped, :at.',
    'connector-overfilled' => ':box: a connector with :ports ports holds :count conductors, :at.',
    'parallel-path' => ':spot: the current has two ways, they close a ring.',
    'trips-always' => 'The breaker trips in every position.',
    'trips-sometimes' => 'The breaker trips with :positions.',
    'rooms-habitable' => 'habitable room',
    'rooms-occupiable' => 'habitable or occupiable room',
    'no-scheme' => 'no named scheme',
    'current' => 'a current-carrying conductor',
    'up' => ':switch up',
    'down' => ':switch down',
];
