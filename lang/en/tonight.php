<?php

return [
    'time-up' => 'time is up, not handed in',
    'refused' => 'five tries in a row went nowhere',
    'idle' => 'nothing for :minutes minutes',
];
