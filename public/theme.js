// The night theme: as the system has it until it is chosen here; remembered in this browser, set before anything is drawn.
{
  const root = document.documentElement
  const stored = localStorage.getItem('grelta-theme')
  root.dataset.theme = stored ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'day')
  addEventListener('DOMContentLoaded', () => {
    const button = document.getElementById('night')
    const show = () => button.setAttribute('aria-pressed', String(root.dataset.theme === 'night'))
    show()
    button.addEventListener('click', () => {
      root.dataset.theme = root.dataset.theme === 'night' ? 'day' : 'night'
      localStorage.setItem('grelta-theme', root.dataset.theme)
      show()
    })
  })
}
