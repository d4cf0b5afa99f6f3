<?php

declare(strict_types=1);

namespace App\Http\Console\History;

use App\Catalogue\StockInForm;
use App\Changes\Edited;
use App\Changes\EditKind;
use App\Changes\Edits;
use App\Changes\JoinedForm;
use App\Changes\JoinForms;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\WhenOvertaken;
use App\Models\Shop;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use PaperKite\Edit\FieldChange;
use Symfony\Component\HttpFoundation\Response;

/**
 * Two people who changed different fields of a form both keep their change; where both changed one, the second is
 * shown both sides.
 */
final readonly class KeepBoth
{
    public function __construct(
        private JoinForms $join,
        private Edits $edits,
        private SayFields $say,
    ) {}

    /**
     * @param  Closure(Request): Response  $next
     * @param  string  $parameter  of the route, of the thing; left out: the shop has it once
     */
    public function handle(Request $request, Closure $next, string $kind, string $parameter = ''): Response
    {
        $edited = self::edited($request, EditKind::from($kind), $parameter);
        $seen = $request->input('version');
        if (! is_int($seen)) {
            return $next($request);
        }
        $sent = array_diff_key($request->all(), ['version' => true]);
        $isProduct = $edited->kind === EditKind::Product;

        return WhenOvertaken::again(fn (): int => $this->edits->version($edited->kind, $edited->shop, $edited->id), function (int $now) use ($request, $next, $edited, $seen, $sent, $isProduct): Response {
            $joined = ($this->join)($edited, $seen, $now, static fn (array $base): array => $isProduct ? StockInForm::touched($sent, $base) : $sent);
            $form = $isProduct && $joined !== null ? StockInForm::saved($joined->form, $sent, $joined->base) : $joined->form ?? [];
            if ($joined !== null && $joined->clashes !== []) {
                return $this->clashing($request, $edited, $joined, $form, $sent);
            }
            $request->merge($joined === null ? [] : ['version' => $joined->version] + $form);

            return $next($request);
        });
    }

    /**
     * @param  array<mixed>  $form  joined, with theirs where both changed a field
     * @param  array<mixed>  $sent
     */
    private function clashing(Request $request, Edited $edited, JoinedForm $joined, array $form, array $sent): JsonResponse
    {
        return new JsonResponse([
            'message' => $this->edits->changedMeanwhile($edited, ReadEditing::of($request))->getMessage(),
            'version' => $joined->version,
            'clashes' => array_map(fn (FieldChange $clash) => ClashResource::of($clash, $this->say->of($edited->shop, $clash)), $joined->clashes),
            'joined' => (object) $form,
            'sent' => (object) $sent,
        ], 409);
    }

    private static function edited(Request $request, EditKind $kind, string $parameter): Edited
    {
        $shop = $request->route('shop');
        if (! $shop instanceof Shop) {
            throw new \LogicException('A form is of a shop.');
        }
        if ($parameter === '') {
            return Edited::setting($kind, $shop);
        }
        $thing = $request->route($parameter);
        $id = $thing instanceof Model ? $thing->getKey() : null;

        return is_int($id) ? Edited::thing($kind, $shop, $id) : throw new \LogicException("{$parameter} is a thing of the shop.");
    }
}
