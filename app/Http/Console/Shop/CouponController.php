<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Changes\Edited;
use App\Changes\EditKind;
use App\Changes\Edits;
use App\Changes\SaveForm;
use App\Finding\Kind;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\FoundPage;
use App\Http\Console\Shared\Page;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\Search;
use App\Models\Coupon;
use App\Models\Shop;
use App\Shops\CouponForm;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use PaperKite\Quote\Coupon as QuoteCoupon;
use PaperKite\Quote\Entry\CouponEntry;
use PaperKite\Text\FormInput;
use PaperKite\Time\Moment;

final readonly class CouponController
{
    private const PER_PAGE = 20;

    public function __construct(
        private Edits $edits,
        private SaveForm $saveForm,
    ) {}

    #[OA\Get(path: '/shops/{shop}/coupons', operationId: 'coupons', summary: 'The coupons', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(CouponListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $coupons = FoundPage::of(Coupon::query()->where('shop_id', $shop->id)->orderByDesc('id'), $shop, Kind::Coupon, Search::typed($request), self::PER_PAGE, isNewestFirst: true);
        $versions = $this->edits->versions(EditKind::Coupon, $shop, array_map(static fn (Coupon $coupon): int => $coupon->id, array_values($coupons->items())));

        return response()->json(new CouponListResource(array_map(static fn (Coupon $coupon) => CouponResource::of($coupon, $versions[$coupon->id], $shop), array_values($coupons->items())), CouponForm::blank(), Page::of($coupons)));
    }

    #[OA\Post(path: '/shops/{shop}/coupons', operationId: 'createCoupon', summary: 'Make a coupon', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/CouponEntry'))]
    #[Answer(CouponResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(Request $request, Shop $shop): JsonResponse
    {
        return $this->answer($shop->coupons()->create($this->attributes($request, $shop, null)), $shop, 201);
    }

    #[OA\Put(path: '/shops/{shop}/coupons/{coupon}', operationId: 'changeCoupon', summary: 'Change a coupon', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'coupon', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[ChangeOf('CouponEntry')]
    #[Answer(CouponResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop, Coupon $coupon): JsonResponse
    {
        $form = static fn (): CouponForm => CouponForm::of($coupon->refresh(), $shop);
        ($this->saveForm)(Edited::thing(EditKind::Coupon, $shop, $coupon->id), ReadEditing::of($request), $form, function () use ($request, $shop, $coupon): void {
            $locked = $shop->coupons()->whereKey($coupon->id)->lockForUpdate()->firstOrFail();
            $locked->update($this->attributes($request, $shop, $locked));
        });

        return $this->answer($coupon, $shop, 200);
    }

    private function answer(Coupon $coupon, Shop $shop, int $status): JsonResponse
    {
        $version = $this->edits->version(EditKind::Coupon, $shop, $coupon->id);

        return response()->json(CouponResource::of($coupon->refresh(), $version, $shop), $status);
    }

    /** @return array<string, mixed> */
    private function attributes(Request $request, Shop $shop, ?Coupon $coupon): array
    {
        $entry = CouponEntry::read(FormInput::of($request->all(), $shop->decimalMark()), $shop->currency(), $shop->zone());
        $read = $entry->coupon ?? throw ValidationException::withMessages($entry->errors);
        $namesake = Coupon::withDeleted()->where(['shop_id' => $shop->id, 'code' => $read->code])->whereKeyNot($coupon->id ?? 0)->first();
        if ($namesake !== null) {
            throw ValidationException::withMessages(['code' => $namesake->deleted_at === null ? "There is a coupon “{$read->code}” already; choose another code." : "A coupon “{$read->code}” was deleted; take it back, or choose another code."]);
        }
        if ($coupon !== null && $entry->mostUses !== null && $entry->mostUses < $coupon->uses) {
            throw ValidationException::withMessages(['most_uses' => "It has been used {$coupon->uses} times already; enter that or more."]);
        }

        return ['most_uses' => $entry->mostUses, 'most_uses_each' => $entry->mostUsesEach, ...$this->columns($read)];
    }

    /** @return array<string, mixed> */
    private function columns(QuoteCoupon $coupon): array
    {
        $date = static fn (?Moment $moment): ?\DateTimeInterface => $moment === null ? null : CarbonImmutable::createFromTimestampUTC($moment->seconds);

        return [
            'code' => $coupon->code,
            'kind' => $coupon->kind,
            'percent' => $coupon->percent?->text,
            'amount_minor' => $coupon->amount?->minor,
            'min_spend_minor' => $coupon->minSpend?->minor,
            'skus' => $coupon->skus,
            'counts_from' => $date($coupon->from),
            'counts_until' => $date($coupon->until),
        ];
    }
}
