<?php

return [
    'time-up' => 'time is up, not handed in',
    'refused' => 'five tries in a row failed',
    'idle' => 'nothing for :minutes minutes',
];
