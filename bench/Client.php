<?php

declare(strict_types=1);

namespace Bench;

use CurlHandle;
use Tests\Browser\Support\Studio;

/** A device as the studio sees it: sends what was pressed, keeps what was not answered, and sends it again. */
final class Client
{
    private CurlHandle $curl;

    /** @var array<string, array<string, mixed>> by their names, what waits */
    public array $waiting = [];

    /** @var array<string, true> what was answered as done */
    public array $done = [];

    private string $token = '';

    public function __construct(
        private readonly Studio $studio,
        private readonly string $studioId,
        public readonly string $device,
    ) {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 20]);
    }

    public function isWaiting(): bool
    {
        return $this->waiting !== [];
    }

    /** Loads a page, for its cookies. */
    public function open(): void
    {
        curl_setopt_array($this->curl, [CURLOPT_URL => $this->studio->url('/now/pours'), CURLOPT_HTTPGET => true, CURLOPT_HTTPHEADER => []]);
        curl_exec($this->curl);
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $line) {
            $parts = explode("\t", $line);
            if (str_starts_with($parts[5] ?? '', 'XSRF-TOKEN')) {
                $this->token = urldecode($parts[6] ?? '');
            }
        }
    }

    /**
     * Sends some of what waits.
     *
     * @param  list<array<string, mixed>>  $events
     * @return bool whether there was an answer
     */
    public function send(array $events): bool
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->studio->url('/events'), CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => json_encode(['studio' => $this->studioId, 'device' => ['id' => $this->device, 'name' => 'a bench'], 'events' => $events], JSON_THROW_ON_ERROR),
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', 'X-XSRF-TOKEN: '.$this->token],
        ]);
        $answer = curl_exec($this->curl);
        $heard = is_string($answer) ? json_decode($answer, true) : null;
        if (! is_array($heard) || ! is_array($heard['results'] ?? null)) {
            return false;
        }
        foreach ($heard['results'] as $result) {
            if (is_array($result) && is_string($result['id'] ?? null) && ($result['status'] ?? null) === 'done') {
                $this->done[$result['id']] = true;
                unset($this->waiting[$result['id']]);
            }
        }

        return true;
    }

    /**
     * Sends anything else.
     *
     * @param  string|array<string, mixed>  $body
     * @return array{int, float} the answer's code, and how long it took, ms
     */
    public function ask(string $path, string|array $body, string $type = 'application/json'): array
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->studio->url($path), CURLOPT_POST => true, CURLOPT_POSTFIELDS => $body, CURLOPT_TIMEOUT => 120,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Expect:', 'X-XSRF-TOKEN: '.$this->token, ...(is_array($body) ? [] : ["Content-Type: $type"])],
        ]);
        curl_exec($this->curl);

        return [curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), 1000 * curl_getinfo($this->curl, CURLINFO_TOTAL_TIME)];
    }
}
