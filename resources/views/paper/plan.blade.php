@extends('paper.layout')
@section('pages')
@foreach ($pages as ['page' => $page, 'board' => $number])
<div class="page{{ $loop->last ? ' last' : '' }}">
<header><h1>{{ $title }}</h1><span class="name">{{ __("paper.page.{$page->value}") }}{{ $number === null ? '' : __('paper.board', ['number' => $number]) }}</span></header>
@include("paper.pages.{$page->value}")
</div>
@endforeach
@endsection
