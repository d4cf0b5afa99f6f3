<?php

declare(strict_types=1);

namespace PaperKite\Medium;

/**
 * Two to four offers side by side, as HTML that stands on its own: no script, no style sheet. Each column is one offer, one
 * may be stressed; where the page is narrow they stand below each other.
 */
final readonly class PriceTable
{
    public const FEWEST = 2;

    public const MOST = 4;

    private const TABLE = [
        'display' => 'grid',
        // A column is never wider than the page, nor narrower than its words need.
        'grid-template-columns' => 'repeat(auto-fit,minmax(min(100%,190px),1fr))',
        'gap' => '16px',
        'align-items' => 'stretch',
        'margin' => '0',
        'padding' => '0',
        'list-style' => 'none',
    ];

    /**
     * @param  list<Placed>  $columns
     * @param  int|null  $stressed  the column that stands out
     */
    public function __construct(
        private string $name,
        private array $columns,
        private ?int $stressed,
    ) {}

    public function html(): string
    {
        $columns = '';
        foreach ($this->columns as $index => $placed) {
            $columns .= Markup::open('li', ['style' => Markup::style($this->column($placed, $index === $this->stressed))]).(new TableColumn)->snippet($placed).'</li>';
        }

        return Markup::open('ul', ['aria-label' => $this->name, 'style' => Markup::style(self::TABLE)]).$columns.'</ul>';
    }

    /** @return array<string, string> values of CSS by property */
    private function column(Placed $placed, bool $isStressed): array
    {
        return [
            'display' => 'flex',
            'flex-direction' => 'column',
            'gap' => '12px',
            'align-items' => 'flex-start',
            'justify-content' => 'space-between',
            'margin' => '0',
            'padding' => $isStressed ? '15px 20px 20px' : '20px',
            'border-top' => $isStressed ? "6px solid {$placed->look->fill->hex()}" : '1px solid currentColor',
            'box-sizing' => 'border-box',
            ...($isStressed ? ['box-shadow' => '0 1px 10px rgba(24,34,45,.18)'] : []),
        ];
    }
}
