<?php

return [
    'live-end-exposed' => ':at is neither joined nor capped and is live in some position of the switches.',
    'wrong-device' => ':device is a :is; this place needs a :needs.',
    'conductor-open' => '{1} In :box one conductor in use at its other end is off: :at.|[2,*] In :box :count conductors in use at their other ends are off: :at.',
    'never-lights' => ':lamp never lights, whatever the switches do.',
    'always-lit' => [
        'other' => ':lamp never goes out, whatever the switches do.',
    ],
    'dim' => ':lamp lights dimly: it shares its voltage with another lamp in series.',
    'switch-no-effect' => ':device never changes :lamp.',
    'partial-control' => ':device changes :lamp in some positions of the other switches but not in all.',
    'wrong-lamp' => ':lamp answers to :device, which belongs to another light.',
    'not-always-on' => ':device should stay live whatever the switches do, and does not: look at :at.',
    'scheme-not-as-asked' => 'The task asks for ":asked"; this works as ":found".',
    'end-not-capped' => '{1} In :box one end is neither joined nor capped: :at.|[2,*] In :box :count ends are neither joined nor capped: :at.',
    'connector-overfilled' => 'In :box a connector with :ports ports holds :count conductors: :at.',
    'parallel-path' => 'The current has two ways: :at close a ring.',
    'trips-always' => 'The breaker trips in every position.',
    'trips-sometimes' => 'The breaker trips with :positions.',
    'no-scheme' => 'no named scheme',
    'current' => 'current',
    'up' => ':switch up',
    'down' => ':switch down',
];
