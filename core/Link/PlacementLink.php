<?php

declare(strict_types=1);

namespace PaperKite\Link;

/** `{base}/k/{code}`: names a placement and nothing else; offer, price and destination are looked up at each click. */
final readonly class PlacementLink
{
    public const PATH = '/k/';

    /** @param  string  $base the shop's own origin: scheme, host and, where it has one, port */
    public function __construct(
        private string $base,
        private PlacementCode $code,
    ) {}

    public function url(): string
    {
        return $this->base.self::PATH.$this->code->text;
    }

    /**
     * The link taken apart; the values joined give the link again.
     *
     * @param  string  $place  the name of the page it was made for
     * @return list<AnatomyPart>
     */
    public function anatomy(string $place): array
    {
        [$scheme, $host] = explode('://', $this->base, 2);

        return [
            new AnatomyPart('scheme', "{$scheme}://", match ($scheme) {
                'https' => 'An encrypted connection.',
                default => 'An open connection, for trying things on this machine.',
            }),
            new AnatomyPart('host', $host, 'The shop’s own address.'),
            new AnatomyPart('path', self::PATH, 'A placement follows.'),
            new AnatomyPart('code', $this->code->text, "“{$place}”. What is sold, at which price, and where it leads is looked up at each click."),
        ];
    }
}
