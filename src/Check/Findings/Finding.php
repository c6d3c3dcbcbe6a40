<?php

declare(strict_types=1);

namespace Zwindle\Check\Findings;

/** Something that Check says about a wiring: code, places and what the sentence needs. */
final readonly class Finding
{
    /**
     * @param  list<string>  $at  points or device ids
     * @param  array<string, string|int>  $params
     * @param  int|null  $control  index of the control that it is about; null where it is about the whole board
     * @param  string  $reference  rule or trade practice that it rests on; set by the checker from the edition
     * @param  int|null  $causedBy  index in the list of findings
     * @param  Severity|null  $weighed  what a task makes of it; null: what the code is
     */
    public function __construct(
        public FindingCode $code,
        public array $at,
        public array $params = [],
        public ?int $control = null,
        public string $reference = '',
        public ?int $causedBy = null,
        private ?Severity $weighed = null,
    ) {
    }

    public function restingOn(string $reference): self
    {
        return new self($this->code, $this->at, $this->params, $this->control, $reference, $this->causedBy, $this->weighed);
    }

    /** @param  list<string>  $at */
    public function at(array $at): self
    {
        return new self($this->code, $at, $this->params, $this->control, $this->reference, $this->causedBy, $this->weighed);
    }

    /** @param  array<string, string|int>  $params  laid over its own */
    public function with(array $params): self
    {
        $laid = [...$this->params, ...$params];

        return new self($this->code, $this->at, $laid, $this->control, $this->reference, $this->causedBy, $this->weighed);
    }

    public function causedBy(?int $index): self
    {
        return new self($this->code, $this->at, $this->params, $this->control, $this->reference, $index, $this->weighed);
    }

    public function weighing(Severity $severity): self
    {
        return new self($this->code, $this->at, $this->params, $this->control, $this->reference, $this->causedBy, $severity);
    }

    public function severity(): Severity
    {
        return $this->weighed ?? $this->code->severity();
    }
}
