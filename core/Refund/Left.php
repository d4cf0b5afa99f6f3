<?php

declare(strict_types=1);

namespace PaperKite\Refund;

use PaperKite\Money\Money;

/**
 * What can still be given back of a line, or of shipping.
 *
 * Pieces are reckoned from what all of them were worth when an amount was last given back without pieces, or else when they
 * were sold: however many steps they come back in, it is the same money as at once.
 */
final readonly class Left
{
    /**
     * @param  int<0, max>  $pieces
     * @param  int<1, max>  $basePieces
     */
    private function __construct(
        public int $pieces,
        public Portion $portion,
        private Portion $base,
        private int $basePieces,
    ) {}

    /** @param  int<1, max>  $pieces */
    public static function of(int $pieces, Portion $sold): self
    {
        return new self($pieces, $sold, $sold, $pieces);
    }

    /** @param  int<0, max>  $pieces  as many as there are, at most */
    public function forPieces(int $pieces): Share
    {
        return new Share($pieces, $this->portion->minus($this->base->pieces(max(0, $this->pieces - $pieces), $this->basePieces)));
    }

    public function forAmount(Money $amount): Share
    {
        return new Share(0, $this->portion->of($amount));
    }

    public function after(Share $share): self
    {
        $rest = $this->portion->minus($share->portion);
        $pieces = max(0, $this->pieces - $share->pieces);

        return $share->pieces > 0
            ? new self($pieces, $rest, $this->base, $this->basePieces)
            : new self($pieces, $rest, $rest, max(1, $pieces));
    }
}
