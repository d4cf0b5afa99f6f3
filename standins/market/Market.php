<?php

declare(strict_types=1);

namespace Standins\market;

/** One of the made-up marketplaces: how its addresses look, in what it counts, and what it sells. */
final readonly class Market
{
    private const GLOVES = 'Soft goatskin keeps stings out and lets the fingers feel the frame. The long cuff reaches the elbow and closes with a drawstring. Wash by hand, dry in the shade, and rub in a little wax once a season.';

    /** @param  array<array-key, Goods>  $goods  by what stands for an item in its addresses */
    private function __construct(
        public string $name,
        public string $currency,
        /** How many of its currency a euro's worth is, in hundredths. */
        public int $rate,
        public string $idParameter,
        /** The path of an item, with a group `item`. */
        public string $itemPath,
        /** The parameter that names the item, where the path does not. */
        public ?string $itemParameter,
        public string $searchPath,
        public ?string $searchParameter,
        public array $goods,
    ) {}

    /** @return self|null `null` where nobody answers at this host */
    public static function at(string $host): ?self
    {
        return match ($host) {
            'wicker-lane-ie.localhost' => self::lane('Wicker Lane Ireland', 'EUR', 100),
            'wicker-lane-gb.localhost' => self::lane('Wicker Lane Britain', 'GBP', 86),
            'nordkai-se.localhost', 'm.nordkai-se.localhost' => self::kaj('Nordkai Sverige', 'SEK', 1120, Goods::of('Ullfilt, skiffer', 8450)),
            'nordkai-de.localhost', 'm.nordkai-de.localhost' => self::kaj('Nordkai Deutschland', 'EUR', 104, Goods::leaving('Ullfilt, skiffer', 8450, 10)),
            'plaza-almendro.localhost' => new self('Plaza Almendro', 'EUR', 98, 'socio', '#\A/(?<item>[a-z]+/\d+)\.html\z#', null, '/buscar', 'texto', [
                'jardin/7301' => Goods::of('Regadera de zinc, 9 litros', 3400), 'hogar/4711' => Goods::of('Farol de tormenta', 4450), 'hogar/4712' => Goods::vanished('Manta de lana'), 'hogar/4713' => Goods::moved('Farol, edición antigua', 'hogar/4711'), 'hogar/4714' => Goods::slow('Juego de té', 6100),
            ]),
            default => null,
        };
    }

    private static function lane(string $name, string $currency, int $rate): self
    {
        return new self($name, $currency, $rate, 'lane', '#\A/(?:i/)?(?<item>w\d+)(?:-[^/]*)?\z#', null, '/search', 'q', [
            'w204' => Goods::of('Storm lantern, brass', 4600, 'A storm lantern of solid brass. It holds a cup of oil and burns for ten hours. The glass lifts with a lever, and the handle folds away.'),
            'w612' => Goods::of('BROOMFIELD® Premium Goatskin Gloves, Long Cuff, Size L, 2 Pairs - Ideal for Gardeners and Beekeepers', 2950, self::GLOVES), 'w310' => Goods::of('Lambswool blanket, slate', 8900), 'w311' => Goods::vanished('Lambswool blanket, moss'), 'w205' => Goods::moved('Storm lantern, old model', 'w204'), 'w500' => Goods::slow('Tea for two, stoneware', 5800),
        ]);
    }

    private static function kaj(string $name, string $currency, int $rate, Goods $blanket): self
    {
        return new self($name, $currency, $rate, 'kaj', '#\A/goods\z#', 'nr', '/find/', null, [
            '90210' => Goods::of('Stormlykta, mässing', 4350), '90333' => $blanket, '90334' => Goods::vanished('Ullfilt, mossa'), '90211' => Goods::moved('Stormlykta, äldre', '90210'), '90555' => Goods::slow('Vattenkanna, zink', 3900),
        ]);
    }

    /** What an item's address is on this site. */
    public function address(string $item): string
    {
        return match (true) {
            $this->itemParameter !== null => "/goods?{$this->itemParameter}={$item}",
            $this->idParameter === 'lane' => "/i/{$item}",
            default => "/{$item}.html",
        };
    }
}
