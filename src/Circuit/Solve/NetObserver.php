<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Zwindle\Circuit\Net\Circuit;

/** Notes what each net was tied to, state by state; a net about which all is known is not looked at again. */
final class NetObserver
{
    /** @var list<NetFacts> by net */
    public readonly array $facts;

    /** @var array<string, array<int, int>> what is asked → the nets of which it is not yet known */
    private array $unknown;

    public function __construct(Circuit $circuit)
    {
        $this->facts = array_map(fn () => new NetFacts, $circuit->nets->points);
        $all = array_keys($this->facts);
        $moving = array_flip($circuit->netsAtContacts());
        // What stands at no contact is tied to a terminal of the supply always or never.
        $canMove = fn (int $supplyNet) => array_filter(
            $all,
            fn (int $net) => $net === $supplyNet || (isset($moving[$net], $moving[$supplyNet])),
        );
        $this->unknown = [
            'line' => $canMove($circuit->lineNet),
            'neutral' => $canMove($circuit->neutralNet),
            'earth' => $canMove($circuit->earthNet),
            'live' => $circuit->netsAtContacts(),
        ];
    }

    /**
     * @param  array<int, int>  $parent  of every net, as a walk over the states gives it
     * @param  array<int, true>  $liveRoots  of the nodes that are live; the line's own is one of them
     */
    public function note(array $parent, int $line, int $neutral, int $earth, array $liveRoots): void
    {
        foreach ($this->settled('line', $parent, [$line => true]) as $facts) {
            $facts->tiedToLine = true;
        }
        foreach ($this->settled('neutral', $parent, [$neutral => true]) as $facts) {
            $facts->tiedToNeutral = true;
        }
        foreach ($this->settled('earth', $parent, [$earth => true]) as $facts) {
            $facts->tiedToEarth = true;
        }
        if (count($liveRoots) === 1) {
            return;
        }
        foreach ($this->settled('live', $parent, $liveRoots) as $facts) {
            $facts->live = true;
        }
        // A net at no contact is a node of its own.
        foreach (array_keys($liveRoots) as $root) {
            $facts = $this->facts[$root];
            $facts->live = true;
        }
    }

    /** What is on the line is live. */
    public function close(): void
    {
        foreach ($this->facts as $facts) {
            $facts->live = $facts->live || $facts->tiedToLine;
        }
    }

    /**
     * The nets of which it was not known yet that they are one with certain nodes in some state.
     *
     * @param  array<int, int>  $parent
     * @param  array<int, true>  $roots  of these nodes
     * @return list<NetFacts>
     */
    private function settled(string $asked, array $parent, array $roots): array
    {
        $settled = [];
        foreach ($this->unknown[$asked] as $key => $net) {
            $root = $net;
            while ($parent[$root] !== $root) {
                $root = $parent[$root];
            }
            if (isset($roots[$root])) {
                $settled[] = $this->facts[$net];
                unset($this->unknown[$asked][$key]);
            }
        }

        return $settled;
    }
}
