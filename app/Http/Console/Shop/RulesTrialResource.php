<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Console\Orders\BillResource;
use App\Models\Casts\ShopRulesEntry;
use App\Models\Shop;
use App\Shops\SampleCart;
use OpenApi\Attributes as OA;
use PaperKite\Quote\Because;
use PaperKite\Quote\Bill;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\Unquotable;
use PaperKite\Text\FormInput;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'RulesTrial', description: 'What rules do to the bill of a sample cart.')]
final readonly class RulesTrialResource
{
    /**
     * @param  array<string, list<string>>|\stdClass  $errors
     * @param  list<list<FeeStepResource>>  $charts
     */
    private function __construct(
        #[OA\Property(description: 'Sentences by path.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public array|\stdClass $errors,
        #[OA\Property(description: 'The steps of each zone’s table, in the order of the zones; none where a zone has no table.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(ref: FeeStepResource::class)))]
        public array $charts,
        #[OA\Property(description: 'What the sample cart comes to; null where it can’t be reckoned.')]
        public ?BillResource $bill,
        #[OA\Property(description: 'Why it can’t; blank where it can.')]
        public string $fault,
        #[OA\Property(description: 'What the payment provider keeps and what is left, in a sentence.')]
        public string $fee_sentence,
        #[OA\Property(description: 'What the rules of tax do, in a sentence.')]
        public string $tax_sentence,
    ) {}

    public static function of(ShopRulesEntry $form, FormInput $sample, Shop $shop, Moment $at): self
    {
        $rules = $form->rules;
        if ($rules === null) {
            return new self($form->errors, [], null, 'The rules can’t be tried while something in them is wrong.', '', '');
        }
        $charts = array_map(static fn (ShippingZone $zone): array => $zone->table === null ? [] : FeeStepResource::listOf($zone->table), $rules->zones);
        try {
            $receipt = SampleCart::quote($sample, $rules, $shop, $at);
        } catch (Unquotable $unquotable) {
            return new self(new \stdClass, $charts, null, $unquotable->faults[0]->message, '', '');
        }

        return new self(new \stdClass, $charts, BillResource::of(Bill::of($receipt), $receipt->shop->timezone), '', self::fee($receipt), self::tax($receipt));
    }

    private static function fee(Receipt $receipt): string
    {
        $kept = $receipt->shop->paymentFee?->on($receipt->dueNow);

        return $kept === null ? '' : "Of {$receipt->dueNow->shown()} the payment provider keeps {$kept->shown()}.";
    }

    private static function tax(Receipt $receipt): string
    {
        return match (true) {
            $receipt->tax->isZero() => 'There is no tax on this cart there.',
            default => "Tax comes to {$receipt->tax->shown()}. ".(Because::of($receipt)->tax?->in(Wording::english()) ?? ''),
        };
    }
}
