<?php

return [
    'caution-dead' => 'Ohms belong on a dead circuit: isolate, lock off, prove dead; prove the tester before and after. A simulation proves nothing about a real board.',
];
