<?php

declare(strict_types=1);

namespace App\Adapters\Formula;

use App\Adapters\Program;
use App\Adapters\ProgramFailed;
use Daybright\Scene\FormulasAway;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\SetFormula;

/** Sets formulas with MathJax, once each: what is set is kept by the hash of its source. */
final class MathJax implements FormulaSetter
{
    /** Changes when the way of setting does, so that old results are not taken for new ones. */
    private const EDITION = 'mathjax-3.2.2/2';

    /** Seconds for one formula in a process of its own. */
    private const PATIENCE = 20;

    /** Seconds in which the warm process answers. */
    private const ANSWER = 4;

    /** Seconds in which a process that did not answer is not asked again. */
    private const HANGING = 60;

    private static ?float $hungAt = null;

    /** @var array<string, SetFormula> */
    private array $known = [];

    public function set(string $tex): SetFormula
    {
        $key = hash('sha256', self::EDITION."\n".$tex);

        return $this->known[$key] ??= $this->kept($key) ?? $this->fresh($key, $tex);
    }

    private function kept(string $key): ?SetFormula
    {
        $file = $this->file($key);
        $kept = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($kept) ? self::read($kept) : null;
    }

    private function fresh(string $key, string $tex): SetFormula
    {
        $request = json_encode([$tex], JSON_THROW_ON_ERROR)."\n";
        try {
            $answer = $this->fromServer($request) ?? Program::run('node', [base_path('formula/set.mjs')], $request, self::PATIENCE);
        } catch (ProgramFailed $failure) {
            throw $failure->isAway ? FormulasAway::because($failure) : $failure;
        }
        $set = json_decode($answer, true, 32, JSON_THROW_ON_ERROR)[0];
        if (! is_dir(dirname($this->file($key)))) {
            @mkdir(dirname($this->file($key)), 0755, true);
        }
        file_put_contents($this->file($key).'.'.getmypid(), json_encode($set, JSON_THROW_ON_ERROR));
        rename($this->file($key).'.'.getmypid(), $this->file($key));

        return self::read($set);
    }

    /** @param  array<mixed>  $set markup, width, ascent and descent, or trouble */
    private static function read(array $set): SetFormula
    {
        return new SetFormula($set['markup'], $set['width'], $set['ascent'], $set['descent'], $set['trouble'] ?? null);
    }

    private function fromServer(string $request): ?string
    {
        $path = (string) config('daybright.formula_socket');
        $isHanging = self::$hungAt !== null && microtime(true) - self::$hungAt < self::HANGING;
        $socket = ! $isHanging && file_exists($path) ? @stream_socket_client('unix://'.$path, $code, $message, 1) : false;
        if ($socket === false) {
            return null;
        }
        stream_set_timeout($socket, self::ANSWER);
        fwrite($socket, $request);
        $answer = stream_get_line($socket, 4_000_000, "\n");
        self::$hungAt = stream_get_meta_data($socket)['timed_out'] ? microtime(true) : null;
        fclose($socket);

        return $answer === false || $answer === '' ? null : $answer;
    }

    private function file(string $key): string
    {
        return storage_path('framework/cache/formulas/'.substr($key, 0, 2).'/'.$key.'.json');
    }
}
