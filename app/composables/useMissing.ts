/** What a page says that is about nothing that there is: to browsers and whatever else asks, 404. */
export function useMissing() {
  const event = useRequestEvent()
  return () => {
    if (event) setResponseStatus(event, 404)
  }
}
