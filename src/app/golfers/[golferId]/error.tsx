'use client'

export { default } from '@/app/error'
